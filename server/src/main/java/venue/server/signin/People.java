package venue.server.signin;

import java.security.Principal;
import java.util.HashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import venue.core.fault.Refusal;
import venue.core.site.Role;
import venue.store.account.Account;
import venue.store.account.Accounts;

/** Who is signed in, and what they may do. */
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

    /** What somebody may do in this window: as their account says, or less where they look through an editor's eyes. */
    public static Role role(Principal principal, Account account) {
        return principal instanceof AsEditor ? Role.EDITOR : account.role();
    }
}
