package venue.core.sort;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import venue.core.Sites;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.model.template.Template;

class SortsTest {

    private final Edition site = Sites.small();

    @ParameterizedTest
    @EnumSource
    void noSortIsForgotten(ItemSort sort) {
        assertThat(Sorts.types()).contains(sort.record());
    }

    @Test
    void whatIsMadeAnewUnderItsOwnNamesIsWhatItWas() {
        Walk walk = new Walk(Optional::of, Walk.fieldsOf(site::find));
        assertThat(site.items())
                .allSatisfy(item -> assertThat(walk.item(item, item.id())).contains(item));
    }

    @Test
    void whatCanStandTwiceInASiteCanBeCalledOtherwise() {
        for (Item item : site.items()) {
            switch (ItemSort.of(item)) {
                case SITE, MENU, REDIRECT ->
                    assertThat(Sorts.called(item, "Other")).isEmpty();
                default ->
                    assertThat(Sorts.called(item, "Other")).map(Item::name).contains("Other");
            }
        }
    }

    /** Windows ask anew for what is to choose from when a template is for something else; not when it shows its topics. */
    @Test
    void whatATemplateIsForIsWhatIsToChooseFrom() {
        Item plain = site.require(Template.class, "plain");
        assertThat(Sorts.note(plain)).startsWith("Tell: ");
        assertThat(alike(plain, "partTopics", Value.of("shown"))).isTrue();
        assertThat(alike(plain, "purpose", Value.of("gather"))).isFalse();
    }

    private boolean alike(Item was, String key, Value value) {
        Edition then = Sites.after(site, ValueCommand.setValue(was.id(), null, null, key, value));
        return Sorts.isShapedAlike(was, site, then.find(was.id()).orElseThrow(), then);
    }
}
