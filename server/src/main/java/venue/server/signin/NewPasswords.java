package venue.server.signin;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.store.people.Person;
import venue.store.people.Seats;
import venue.store.workspace.Workspaces;

/** Passwords from now on: checked against what is close to the person, and made ready to be kept. */
@Component
public class NewPasswords {

    /** Of somebody who has more, these are enough to tell by. */
    private static final int MOST_SITES = 50;

    private final Workspaces workspaces;
    private final Seats seats;
    private final PasswordRules rules;
    private final Passwords passwords;

    NewPasswords(Workspaces workspaces, Seats seats, PasswordRules rules, Passwords passwords) {
        this.seats = seats;
        this.workspaces = workspaces;
        this.rules = rules;
        this.passwords = passwords;
    }

    /** A password in the place of the one that they have, which they say first. */
    public String instead(Person person, String present, String password) {
        passwords.requirePresent(person, present);
        return made(password, person, person.name());
    }

    /** As it is kept; refuses one that is none for this person, under the name that they go by. */
    public String made(String password, Person person, String name) {
        List<String> words = new ArrayList<>(List.of(person.email(), name));
        Set<SiteId> sites =
                person.owner() ? workspaces.ids() : seats.rolesOf(person.id()).keySet();
        workspaces.listed(sites).stream()
                .limit(MOST_SITES)
                .map(Workspaces.Listed::name)
                .forEach(words::add);
        workspaces.hosts(sites).stream().limit(MOST_SITES).forEach(words::add);
        rules.check(password, words);
        return passwords.encode(password);
    }
}
