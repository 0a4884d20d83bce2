package venue.server.signin;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import venue.store.people.Person;
import venue.store.workspace.Workspaces;

/** Words that are close to a person, and so no good as a password of theirs. */
@Component
public class PasswordWords {

    private final Workspaces workspaces;
    private final PasswordRules rules;

    PasswordWords(Workspaces workspaces, PasswordRules rules) {
        this.workspaces = workspaces;
        this.rules = rules;
    }

    /** Refuses a password that is none for this person, under the name that they go by. */
    public void check(String password, Person person, String name) {
        List<String> words = new ArrayList<>(List.of(person.email(), name));
        workspaces.all().forEach(w -> {
            words.add(w.now().working().site().name());
            words.addAll(w.now().working().site().hosts());
        });
        rules.check(password, words);
    }
}
