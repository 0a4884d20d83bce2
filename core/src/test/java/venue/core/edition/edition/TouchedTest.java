package venue.core.edition.edition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.page.Page;

/** Home and Workshops at the top, Weaving beneath Workshops; Home links to Weaving, the main menu to Workshops. */
class TouchedTest {

    private final Edition site = Sites.small();

    private Set<String> by(Command command, String... changed) {
        return Touched.by(site, Sites.after(site, command), List.of(changed));
    }

    @Test
    void wordsOfAPageMatterToThePageAndToTheMenusThatNameIt() {
        assertThat(by(summary("weaving"), "weaving")).containsExactly("weaving");
        assertThat(by(summary("workshops"), "workshops")).containsExactlyInAnyOrder("workshops", "main");
    }

    private static Command summary(String page) {
        return ValueCommand.setValue(page, null, null, "summary", Value.of("Seven doors around a yard"));
    }

    @Test
    void anAddressMattersToAllBeneathAndToWhoeverLeadsThere() {
        assertThat(by(PageCommand.setSegment("workshops", "doors"), "workshops"))
                .containsExactlyInAnyOrder("workshops", "weaving", "home", "main");
    }

    @Test
    void takingAPageOffMattersToWhoeverLinksToWhatIsBeneathIt() {
        assertThat(by(PageCommand.withdrawPage("workshops", true), "workshops")).contains("weaving", "home", "main");
    }

    @Test
    void aLinkMattersToWhereItLeadsAndLed() {
        Value link = Value.of("<p><a href=\"page:workshops\">Doors</a></p>");
        assertThat(by(ValueCommand.setValue("home", "home-s1", "e2", "text", link), "home"))
                .containsExactlyInAnyOrder("home", "weaving", "workshops");
    }

    @Test
    void theSiteItsKindsAndTemplatesMatterToEverything() {
        Edition home = Sites.after(site, PageCommand.makeHome("workshops"));
        assertThat(Touched.isEverything(site, home, List.of("site"))).isTrue();
        assertThat(Touched.isEverything(site, home, List.of("home", "main"))).isFalse();
        assertThat(Touched.isEverything(site, site, List.of("standard"))).isTrue();
    }

    @Test
    void theNumbersFollowWhatChanges() {
        Edition off = Sites.after(site, PageCommand.withdrawPage("weaving", true));
        Tally before = Tally.of(site, site);
        assertThat(before.pages()).containsOnlyKeys(PageState.LIVE).containsValue(3);
        assertThat(before.after(site, site, off, site, List.of("weaving"))).isEqualTo(Tally.of(off, site));
        assertThat(Tally.of(off, site).pages()).containsEntry(PageState.LIVE, 2).containsEntry(PageState.WITHDRAWN, 1);
        Edition above = Sites.after(site, PageCommand.withdrawPage("workshops", true));
        assertThat(before.after(site, site, above, site, List.of("workshops"))).isEqualTo(Tally.of(above, site));
        assertThat(Tally.of(above, site).pages()).containsEntry(PageState.WITHDRAWN, 2);
        assertThat(Tally.of(site, Edition.of(List.of())).pages()).containsEntry(PageState.DRAFT, 3);
        assertThat(site.all(Page.class)).hasSize(3);
    }
}
