package venue.server.signin;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import venue.store.people.Person;
import venue.store.people.Seats;
import venue.store.workspace.Workspaces;

/** Words that are close to a person, and so no good as a password of theirs. */
@Component
public class PasswordWords {

    /** Of somebody who has more, these are enough to tell by. */
    private static final int MOST_SITES = 50;

    private final Workspaces workspaces;
    private final Seats seats;
    private final PasswordRules rules;

    PasswordWords(Workspaces workspaces, Seats seats, PasswordRules rules) {
        this.seats = seats;
        this.workspaces = workspaces;
        this.rules = rules;
    }

    /** Refuses a password that is none for this person, under the name that they go by. */
    public void check(String password, Person person, String name) {
        List<String> words = new ArrayList<>(List.of(person.email(), name));
        Set<String> sites =
                person.owner() ? workspaces.ids() : seats.rolesOf(person.id()).keySet();
        workspaces.listed(sites).stream()
                .limit(MOST_SITES)
                .map(Workspaces.Listed::name)
                .forEach(words::add);
        workspaces.hosts(sites).stream().limit(MOST_SITES).forEach(words::add);
        rules.check(password, words);
    }
}
