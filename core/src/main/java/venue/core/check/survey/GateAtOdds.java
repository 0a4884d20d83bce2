package venue.core.check.survey;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.gate.GateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Group;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;

/** Gates that don't agree with what else is said of a page, or with those around it. */
final class GateAtOdds extends DeclaredRule {

    GateAtOdds() {
        super(
                "gate-at-odds",
                "Gate that does not agree",
                Severity.NOTE,
                "What is said of who may see the page and what is said elsewhere don’t fit together.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item).flatMap(page -> of(scope.edition(), page));
    }

    private Stream<Finding> of(Edition edition, Page page) {
        Gates gates = Gates.of(edition);
        Gate gate = gates.of(page).gate();
        Finding.Mend open = new Finding.Mend("Open it to everyone", GateCommand.setGate(List.of(page.id()), Gate.OPEN));
        if (gate.isOpen()) {
            return isAlone(edition, gates, page)
                    ? Stream.of(Finding.of(
                            this,
                            page.id(),
                            "Is open to everyone, and every page above it is closed: no way up from it is shown."))
                    : Stream.empty();
        }
        if (isNobodys(edition, gate)) {
            return Stream.of(
                    Finding.of(this, page.id(), "Is for groups that are not there: nobody may open it.", open));
        }
        if (edition.isHome(page)) {
            return Stream.of(Finding.of(this, page.id(), "Is the home page, and closed with the whole site."));
        }
        Stream<Finding> out = page.isKeptOut()
                ? Stream.of(Finding.of(
                        this,
                        page.id(),
                        "Is closed, and kept out of search engines besides: it would stay out once it is opened.",
                        new Finding.Mend(
                                "Leave that to the gate",
                                ValueCommand.setValue(page.id(), null, null, "keepOut", null))))
                : Stream.empty();
        Stream<Finding> listed =
                edition.inbound().isListed(page.kind()) && !gates.ofSite().equals(gate)
                        ? Stream.of(Finding.of(
                                this,
                                page.id(),
                                "Lists on open pages look for pages of its kind: strangers don’t get it there."))
                        : Stream.empty();
        return Stream.concat(out, listed);
    }

    private static boolean isAlone(Edition edition, Gates gates, Page page) {
        List<Page> above = edition.plan().ancestors(page.id()).stream()
                .flatMap(id -> edition.page(id).stream())
                .toList();
        return !above.isEmpty()
                && above.stream().noneMatch(p -> gates.of(p).gate().lets(Visitor.STRANGER));
    }

    private static boolean isNobodys(Edition edition, Gate gate) {
        return gate.audience().who() == Audience.Who.GROUPS
                && gate.audience().groups().stream()
                        .noneMatch(g -> edition.find(Group.class, g).isPresent());
    }
}
