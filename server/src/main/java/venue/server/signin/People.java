package venue.server.signin;

import java.security.Principal;
import java.util.HashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import venue.core.edit.Command;
import venue.core.edit.PlaceElement;
import venue.core.edit.SetValue;
import venue.core.edit.ShapesSite;
import venue.core.edit.WritesIn;
import venue.core.edition.Edition;
import venue.core.element.OwnHtmlElement;
import venue.core.fault.Refusal;
import venue.core.page.Page;
import venue.store.account.Account;
import venue.store.account.Accounts;

/** Who is signed in, and what they may do: the one place where roles are checked. */
@Component
public class People {

    private final Accounts accounts;

    People(Accounts accounts) {
        this.accounts = accounts;
    }

    /** The account behind a session. */
    public Account require(Principal principal) {
        return accounts.byEmail(principal.getName())
                .orElseThrow(() -> Refusal.forbidden(
                        "no-account", "This account is not there any more.", "Ask a manager for a new one."));
    }

    /** What somebody in the journal is called; those without an account keep the name they were written down with. */
    public String nameOf(String who) {
        return accounts.find(who).map(Account::name).orElse(who);
    }

    /** The same for a list, in which each person is looked up once. */
    public UnaryOperator<String> names() {
        Map<String, String> known = new HashMap<>();
        return who -> known.computeIfAbsent(who, this::nameOf);
    }

    /** Refuses what only managers may do. */
    public void requireManager(Principal principal, String what) {
        if (require(principal).role() != Account.Role.MANAGER) {
            throw Refusal.forbidden("managers-only", "Only managers may " + what + ".", "Ask a manager to do it.");
        }
    }

    private static boolean writesOwnHtml(Command command, Edition edition) {
        if (command instanceof PlaceElement place) {
            return place.kind().equals(OwnHtmlElement.KEY);
        }
        return command instanceof SetValue set
                && set.element() != null
                && set.section() != null
                && edition.page(set.item())
                        .flatMap(p -> p.zones().find(set.section()))
                        .flatMap(s -> s.section().element(set.element()))
                        .filter(e -> e.kind().equals(OwnHtmlElement.KEY))
                        .isPresent();
    }

    /** Editors write pages; what shapes the whole site is the managers'. */
    public void requireMay(Principal principal, Command command, Edition edition) {
        boolean shapesSite = command instanceof ShapesSite
                || writesOwnHtml(command, edition)
                || (command instanceof WritesIn in
                        && edition.find(in.item())
                                .filter(Page.class::isInstance)
                                .isEmpty());
        if (shapesSite) {
            requireManager(principal, "change what shapes the whole site");
        }
    }
}
