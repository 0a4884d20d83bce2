package venue.core.change.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Section;

class DuplicateTest {

    private static final String LINKS =
            "<p>See <a href=\"page:weaving\">looms</a> and <a href=\"page:home\">home</a></p>";

    /** Workshops, with Weaving beneath it, whose text leads to itself, and to a page outside the branch. */
    private final Edition site = Sites.small()
            .with(
                    List.of(Sites.page("weaving", "workshops", 3, "Weaving", LINKS)
                            .withSetting("searchTitle", Value.of("Looms"))),
                    List.of());

    private static String words(Page page) {
        return page.zones()
                .all()
                .flatMap(Section::elements)
                .map(e -> e.props().toString())
                .toList()
                .toString();
    }

    @Test
    void aBranchIsCopiedBesideItselfAndItsPagesLeadToOneAnother() {
        Edition twice = Sites.after(site, PageCommand.duplicatePage("workshops", "again", "Workshops", true));
        Page again = twice.require(Page.class, "again");
        assertThat(again.segment())
                .as("its siblings have addresses of their own")
                .isEqualTo("workshops-2");
        List<String> top = twice.plan().beneath(null);
        assertThat(top.indexOf("again")).isEqualTo(top.indexOf("workshops") + 1);
        Page looms = twice.require(Page.class, twice.plan().beneath("again").get(0));
        assertThat(looms.title()).isEqualTo("Weaving");
        assertThat(looms.settings())
                .as("two with one search title are a finding")
                .doesNotContainKey("searchTitle");
        assertThat(words(looms)).contains("page:" + looms.id(), "page:home").doesNotContain("page:weaving");
        assertThat(twice.require(Page.class, "weaving")).isEqualTo(site.require(Page.class, "weaving"));
        assertThat(twice.inbound().menusTo("again")).isEmpty();
    }

    @Test
    void aPageAloneKeepsWhereItLeads() {
        Edition twice = Sites.after(site, PageCommand.duplicatePage("weaving", "again", "Weaving by night", false));
        assertThat(words(twice.require(Page.class, "again"))).contains("page:again");
        assertThat(twice.plan().beneath("again")).isEmpty();
        assertThatThrownBy(() -> Sites.after(twice, PageCommand.duplicatePage("weaving", "again", "X", false)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("id-taken"));
        assertThatThrownBy(() -> Sites.after(twice, PageCommand.duplicatePage("weaving", "third", " ", false)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("title-empty"));
    }

    @Test
    void aPageTakesWhatIsAskedForAndPutsItsOwnSectionsAside() {
        Edition dressed = Sites.after(
                Sites.after(site, PageCommand.chooseTemplate(List.of("weaving"), "wide")),
                ValueCommand.setValue("weaving", null, null, "keepOut", Value.of(true)));
        Page source = dressed.require(Page.class, "weaving");
        Page before = dressed.require(Page.class, "workshops");
        Page settings = Sites.after(dressed, PageCommand.takeFromPage(List.of("workshops"), "weaving", "settings"))
                .require(Page.class, "workshops");
        assertThat(settings).isEqualTo(before.withSetting("keepOut", Value.of(true)));

        Page all = Sites.after(
                        dressed,
                        PageCommand.takeFromPage(
                                List.of("workshops"), "weaving", "template", "options", "sections", "settings"))
                .require(Page.class, "workshops");
        assertThat(all.template()).isEqualTo("wide");
        assertThat(words(all)).isEqualTo(words(source));
        assertThat(all.zones().all().map(Section::id))
                .doesNotContainAnyElementsOf(
                        source.zones().all().map(Section::id).toList());
        assertThat(all.shelf()).hasSize((int) before.zones().all().count());
        assertThat(Map.of(all.title(), all.segment())).isEqualTo(Map.of(before.title(), before.segment()));
    }

    @Test
    void nothingIsTakenFromNowhere() {
        assertThatThrownBy(() -> Sites.after(site, PageCommand.takeFromPage(List.of("weaving"), "weaving", "settings")))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("pages"));
        assertThatThrownBy(() -> Sites.after(site, PageCommand.takeFromPage(List.of("weaving"), "home")))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.field()).isEqualTo("parts"));
    }
}
