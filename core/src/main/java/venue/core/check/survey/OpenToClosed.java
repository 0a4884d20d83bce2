package venue.core.check.survey;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.gate.GateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Gate;
import venue.core.model.gate.GateSettings;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

/** Links in the words of open pages to pages that strangers may not open. */
final class OpenToClosed extends DeclaredRule {

    private static final Finding.Mend SAY = new Finding.Mend(
            "Say so beside all such links",
            ValueCommand.setValue(Site.ID, null, null, GateSettings.SAID, Value.of(true)));

    OpenToClosed() {
        super(
                "open-to-closed",
                "Open page that links to a closed one",
                Severity.SHOULD_FIX,
                "Strangers who follow the link come to a door, or find no link where one is written.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        Edition edition = scope.edition();
        Gates gates = Gates.of(edition);
        return scope.stand(item).stream()
                .filter(stand -> opens(gates, edition, stand.page()))
                .flatMap(stand -> edition.facts(stand.item()).leads().pages().stream()
                        .filter(scope::shows)
                        .flatMap(id -> edition.page(id).stream())
                        .filter(to -> isTrap(edition, gates.of(to).gate()))
                        .map(to -> finding(edition, stand.page(), to)));
    }

    /** Where the site says beside a link that its page is closed, whoever follows it knows. */
    private static boolean isTrap(Edition edition, Gate gate) {
        Gate.Meeting meets = gate.meets(Visitor.STRANGER);
        return meets != Gate.Meeting.OPENS
                && !(meets == Gate.Meeting.SIGN_IN
                        && GateSettings.isSaid(edition.site().facts()));
    }

    private static boolean opens(Gates gates, Edition edition, String page) {
        return edition.page(page)
                .filter(p -> gates.of(p).gate().lets(Visitor.STRANGER))
                .isPresent();
    }

    private Finding finding(Edition edition, String page, Page to) {
        Gate gate = Gates.of(edition).of(to).gate();
        boolean isHome = edition.page(page).filter(edition::isHome).isPresent();
        Gate.Meeting meets = gate.meets(Visitor.STRANGER);
        String told = switch (meets) {
            case SIGN_IN -> ": strangers are asked to sign in there.";
            case NOTHING -> ", of which strangers don’t learn: for them there is no link.";
            default -> ": strangers are told there that it isn’t for them.";
        };
        Stream<Finding.Mend> say = meets == Gate.Meeting.SIGN_IN ? Stream.of(SAY) : Stream.empty();
        Stream<Finding.Mend> close = isHome
                ? Stream.empty()
                : Stream.of(new Finding.Mend("Close it too", GateCommand.setGate(List.of(page), gate)));
        Finding.Mend open =
                new Finding.Mend("Open “" + to.title() + "”", GateCommand.setGate(List.of(to.id()), Gate.OPEN));
        return Finding.of(
                this,
                page,
                "Is open to everyone and links to “" + to.title() + "”" + told,
                Stream.of(say, close, Stream.of(open)).flatMap(m -> m).toArray(Finding.Mend[]::new));
    }
}
