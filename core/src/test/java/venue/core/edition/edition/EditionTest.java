package venue.core.edition.edition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.body.glyph.Glyph;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.kind.BeneathRule;
import venue.core.model.kind.Kind;
import venue.core.model.kind.Placement;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

class EditionTest {

    private final Edition site = Sites.small();

    @Test
    void theTreeIsSharedWhilePlacesStayAndMadeAnewWhenTheyDoNot() {
        Plan before = site.plan();
        assertThat(Sites.after(site, ValueCommand.setValue("weaving", null, null, "summary", Value.of("Looms")))
                        .plan())
                .isSameAs(before);
        assertThat(Sites.after(site, PageCommand.setSegment("workshops", "doors"))
                        .plan()
                        .address("weaving"))
                .isEqualTo("/doors/weaving");
    }

    @Test
    void homeIsServedAtTheRootAndHasItsOwnAddressStill() {
        Page home = site.home().orElseThrow();
        assertThat(site.servedAt(home)).isEqualTo("/");
        assertThat(site.plan().address("home")).isEqualTo("/loomgate-yard");
        assertThat(HomeEffects.of(site, site, site.require(Page.class, "weaving")))
                .anyMatch(e -> e.contains("“Loomgate Yard” stays and moves to /loomgate-yard"))
                .anyMatch(e -> e.contains("/workshops/weaving will redirect"));
    }

    @Test
    void whoLinksToWhomIsKnown() {
        assertThat(site.inbound().pagesTo("weaving")).containsExactly("home");
        assertThat(site.inbound().menusTo("workshops")).containsExactly("main");
    }

    @Test
    void placementHoldsOnBothSides() {
        Kind loom = Kind.named("loom", "Loom", "", List.of())
                .withPlacement(new Placement(Placement.Where.BENEATH_PAGES, List.of("weaving")));
        Edition with = site.with(List.of(loom), List.of());
        assertThat(Places.whyNot(with, loom, "weaving")).isEmpty();
        assertThat(Places.whyNot(with, loom, "home")).contains("stand beneath Weaving only");
        assertThat(Places.whyNot(with, loom, null)).contains("stand beneath Weaving only");
        Kind holdsNothing = with.require(Kind.class, "standard").with("mayHold", BeneathRule.listed(List.of()));
        assertThat(Places.whyNot(with.with(List.of(holdsNothing), List.of()), loom, "weaving"))
                .contains("can’t stand here: nothing stands beneath this page, as Standard page says");
    }

    @Test
    void aCopyIsInStepThenAdaptedOrBehindAndOwnWithoutOrigin() {
        Edition placed =
                Sites.after(site, SectionCommand.placeSection("home", "main", 0, "copy", "one-voice", null, List.of()));
        Pattern then = placed.require(Pattern.class, "one-voice");
        assertThat(lineage(placed, then)).isEqualTo(Lineage.IN_STEP);
        Edition filled = Sites.after(placed, ValueCommand.setValue("home", "copy", "e1", "words", Value.of("Mine")));
        assertThat(lineage(filled, then)).isEqualTo(Lineage.IN_STEP);
        Edition adapted = Sites.after(filled, ValueCommand.setValue("home", "copy", null, "tone", Value.of("accent")));
        assertThat(lineage(adapted, then)).isEqualTo(Lineage.ADAPTED);
        Pattern now = new Pattern(
                then.id(),
                then.name(),
                then.group(),
                "",
                List.of(then.sections().get(0).with("tone", Value.of("deep"))));
        assertThat(lineage(placed.with(List.of(now), List.of()), then)).isEqualTo(Lineage.BEHIND);
        assertThat(lineage(filled.with(List.of(now), List.of()), then)).isEqualTo(Lineage.BEHIND);
        assertThat(lineage(placed.with(List.of(), List.of("one-voice")), then)).isEqualTo(Lineage.OWN);
        assertThat(Lineage.of(
                        site,
                        site.require(Page.class, "home")
                                .zones()
                                .require("home-s1")
                                .section(),
                        h -> Optional.empty()))
                .isEqualTo(Lineage.OWN);
    }

    private static Lineage lineage(Edition edition, Item then) {
        Section copy =
                edition.require(Page.class, "home").zones().require("copy").section();
        return Lineage.of(edition, copy, hash -> Optional.of(then));
    }

    @Test
    void noTwoDifferentLayoutsHaveTheSameGlyph() {
        assertThat(site.all(Template.class).map(Glyph::of)).doesNotHaveDuplicates();
        Template plain = site.require(Template.class, "plain");
        Template bare = new Template("bare", "Bare", "", Map.of("header", Value.of(false)), plain.zones());
        assertThat(Glyph.of(bare)).isNotEqualTo(Glyph.of(plain));
    }
}
