package venue.core.change.edit.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.property.OptionAnswer;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Section;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What a template leaves to its pages: a map at the foot, and the season. */
class OptionsTest {

    private static final List<Property> OPTIONS = List.of(
            of("map", "Map", PropertyType.YES_NO).fallback(Value.of(true)),
            choice("season", "Season", "summer=Summer", "winter=Winter"));

    private final Edition site = begin();

    private static Edition begin() {
        Edition with = Sites.after(Sites.small(), new SetOptions("plain", OPTIONS));
        Edition placed =
                Sites.after(with, SectionCommand.placeSection("plain", "main", 0, "f", null, null, List.of(12)));
        Edition written = Sites.after(
                placed,
                SectionCommand.placeElement(
                        "plain", "f", "c1", 0, "e", "heading", Map.of("text", Value.of("How to find us"))));
        return Sites.after(written, new FixSection("plain", "f", true));
    }

    private static boolean shows(Edition edition) {
        return PageRenderer.render(
                        View.of(edition, Instant.EPOCH, "https://x.example", View.Mode.VISITOR),
                        edition.require(Page.class, "weaving"))
                .html()
                .contains("How to find us");
    }

    private static Edition showingBy(Edition edition, String answer) {
        return Sites.after(edition, ValueCommand.setValue("plain", "f", null, "option", Value.of(answer)));
    }

    private static Edition choosing(Edition edition, String option, Value value) {
        return Sites.after(edition, ValueCommand.setValue("weaving", null, null, "option." + option, value));
    }

    @Test
    void aSectionShowsWhereThePageChoseSo() {
        assertThat(shows(site)).isTrue();
        Edition byMap = showingBy(site, "map=yes");
        assertThat(shows(byMap)).as("the default").isTrue();
        assertThat(shows(choosing(byMap, "map", Value.of(false)))).isFalse();
        assertThat(shows(choosing(showingBy(site, "map=no"), "map", Value.of(false))))
                .isTrue();
        Edition winter = showingBy(site, "season=winter");
        assertThat(shows(winter)).isFalse();
        assertThat(shows(choosing(winter, "season", Value.of("winter")))).isTrue();
    }

    @Test
    void nothingIsLeftOutByAnOptionThatIsThereNoMore() {
        Edition without = Sites.after(showingBy(site, "season=winter"), new SetOptions("plain", List.of()));
        assertThat(shows(without)).isTrue();
        assertThat(shows(Sites.after(without, new SetOptions("plain", OPTIONS))))
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"map", "=yes", "map=", "Map=yes", "map=yes no", "map=yes=no"})
    void whatIsNoAnswerIsRefused(String written) {
        assertThatThrownBy(() -> showingBy(site, written))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("option"));
        assertThat(OptionAnswer.of(written)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"map,summer", "season,spring", "gone,x"})
    void aPageChoosesOnlyWhatItsTemplateOffers(String option, String chosen) {
        assertThatThrownBy(() -> choosing(site, option, Value.of(chosen))).isInstanceOf(Refusal.class);
    }

    /** A page that comes from elsewhere is held to its template's options; what it chose in another waits as it is. */
    @Test
    void pagesTakenInAreHeldToTheirOptions() {
        Page weaving = site.require(Page.class, "weaving").withSetting("option.other", Value.of("kept"));
        Page winter = weaving.withSetting("option.season", Value.of("winter"));
        assertThat(Sites.after(site, WholeCommand.takeIn("a file", List.of(winter)))
                        .require(Page.class, "weaving"))
                .isEqualTo(winter);
        Page spring = weaving.withSetting("option.season", Value.of("spring"));
        assertThatThrownBy(() -> Sites.after(site, WholeCommand.takeIn("a file", List.of(spring))))
                .hasMessageContaining("“spring” is not one of summer, winter");
    }

    @Test
    void whatPagesChoseStaysThroughOtherTemplates() {
        Edition chosen = choosing(showingBy(site, "season=winter"), "season", Value.of("winter"));
        Edition elsewhere = Sites.after(chosen, PageCommand.chooseTemplate(List.of("weaving"), "wide"));
        assertThat(shows(elsewhere)).isFalse();
        Edition back = Sites.after(elsewhere, PageCommand.chooseTemplate(List.of("weaving"), null));
        assertThat(shows(back)).isTrue();
        assertThat(back.require(Page.class, "weaving").body().all().map(Section::id))
                .containsExactly("weaving-s1");
    }
}
