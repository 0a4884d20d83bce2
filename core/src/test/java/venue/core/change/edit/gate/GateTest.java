package venue.core.change.edit.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.live.appearing.Appearing;
import venue.core.live.release.Foreseen;
import venue.core.live.release.ReleasePlan;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

/** What a gate says, where it comes from, and what may not become of it. */
class GateTest {

    private static final Gate CREW = new Gate(Audience.of(Set.of("crew")), true);

    private static Edition with(Edition site, String item, Gate gate) {
        return Sites.after(site, GateCommand.setGate(List.of(item), gate));
    }

    private static Edition crew() {
        return Sites.after(Sites.small(), GateCommand.makeGroup("crew", "Crew", "Who runs the nights"));
    }

    private static Gates.Held held(Edition site, String page) {
        return Gates.of(site).of(site.require(Page.class, page));
    }

    @Test
    void aGateHoldsForTheBranchMovesWithItsPageAndIsLeftToKindAndSiteElsewhere() {
        Edition closed = with(crew(), "workshops", CREW);
        assertThat(held(closed, "weaving")).isEqualTo(new Gates.Held(CREW, Gates.Source.BRANCH, "workshops"));
        Edition moved = Sites.after(closed, PageCommand.movePage("weaving", null, null));
        assertThat(held(moved, "weaving").gate()).isEqualTo(Gate.OPEN);
        Edition open = with(closed, "weaving", Gate.OPEN);
        assertThat(held(open, "weaving")).isEqualTo(new Gates.Held(Gate.OPEN, Gates.Source.PAGE, null));
        assertThat(Gates.of(open).seenBy(Visitor.STRANGER).page("workshops")).isPresent();
        assertThat(Gates.of(closed).seenBy(Visitor.STRANGER).page("workshops")).isEmpty();
        assertThat(Gates.of(closed).seenBy(Visitor.member(Set.of("crew")))).isSameAs(closed);

        Gate members = new Gate(Audience.MEMBERS, false);
        Edition site = with(with(crew(), Site.ID, members), "weaving", Gate.OPEN);
        assertThat(held(site, "home")).isEqualTo(new Gates.Held(members, Gates.Source.SITE, null));
        assertThat(held(site, "weaving").gate().isOpen()).isTrue();
        Edition byKind = with(crew(), "standard", members);
        assertThat(held(byKind, "workshops")).isEqualTo(new Gates.Held(members, Gates.Source.KIND, "standard"));
        assertThat(held(byKind, "home").gate()).isEqualTo(Gate.OPEN);
    }

    @Test
    void whatWouldComeOfAGateIsToldBefore() {
        Edition site = crew();
        Foreseen closing =
                Foreseen.of(Sites.desk(site, site), List.of(GateCommand.setGate(List.of("workshops"), CREW)));
        int branch = (int) site.plan().subtree("workshops").count();
        assertThat(closing.seen()).isEqualTo(new Foreseen.Seen(0, branch, 0));
        Edition closed = with(site, "workshops", CREW);
        Foreseen leaving =
                Foreseen.of(Sites.desk(closed, closed), List.of(PageCommand.movePage("weaving", null, null)));
        assertThat(leaving.seen().opened()).isEqualTo(1);
        assertThat(Appearing.of(closed, closed, closed.require(Page.class, "weaving")))
                .filteredOn(p -> p.sort() == Appearing.Sort.SIDE_NAVIGATION || p.sort() == Appearing.Sort.SITEMAP)
                .extracting(Appearing.Place::why)
                .containsExactly("for Crew alone", "not open to everyone");
    }

    @Test
    void theHomePageIsClosedWithTheSiteAloneAndAGroupThatIsNamedStays() {
        Edition closed = with(crew(), "weaving", CREW);
        assertThatThrownBy(() -> with(closed, "home", CREW)).hasFieldOrPropertyWithValue("code", "home-closed");
        assertThatThrownBy(() -> Sites.after(closed, PageCommand.makeHome("weaving")))
                .hasFieldOrPropertyWithValue("code", "home-closed");
        assertThatThrownBy(() -> Sites.after(closed, GateCommand.removeGroup("crew")))
                .hasFieldOrPropertyWithValue("code", "group-named");
        assertThatThrownBy(() -> Sites.after(closed, GateCommand.makeGroup("other", " crew ", "")))
                .hasFieldOrPropertyWithValue("code", "name-taken");
        assertThatThrownBy(() -> with(closed, "weaving", new Gate(Audience.of(Set.of("nobody")), false)))
                .hasFieldOrPropertyWithValue("code", "unknown-group");
        assertThatThrownBy(() -> with(closed, "weaving", new Gate(Audience.of(Set.of()), false)))
                .hasFieldOrPropertyWithValue("code", "no-group");
        Edition open = with(closed, "weaving", Gate.OPEN);
        assertThat(Sites.after(open, GateCommand.removeGroup("crew")).find("crew"))
                .isEmpty();
        assertThat(ReleasePlan.of(Edition.of(List.of()), closed).entries())
                .filteredOn(e -> e.item().equals("weaving"))
                .flatExtracting(e -> e.needs())
                .contains("crew");
    }
}
