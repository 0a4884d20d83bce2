package venue.server.mail;

import java.util.Collection;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.store.people.Person;

/** Letters to people, each in the language of a site of theirs. */
@Component
public class Mail {

    /** What has changed in how somebody signs in, so that they learn of it where it was not them. */
    public enum Change {
        PASSWORD("newPassword"),
        SECOND_STEP_BEGUN("secondStepBegun"),
        SECOND_STEP_ENDED("secondStepEnded");

        private final String key;

        Change(String key) {
            this.key = key;
        }

        String key() {
            return key;
        }
    }

    private final Post post;
    private final Letters letters;
    private final Languages languages;

    Mail(Post post, Letters letters, Languages languages) {
        this.post = post;
        this.letters = letters;
        this.languages = languages;
    }

    public boolean isSetUp() {
        return post.isSetUp();
    }

    /** The address of a screen of the interface that a token opens; the token is never sent to a server on the way there. */
    public String link(String screen, String token) {
        return letters.link(screen, token);
    }

    /** Invites somebody who is nowhere yet but in these sites. */
    public void invite(String to, Collection<SiteId> sites, String by, String token) {
        post.send(to, letters.invitation(languages.of(sites), by, token));
    }

    public void forgotten(Person person, String token) {
        post.send(person.email(), letters.forgotten(languages.of(person), token));
    }

    /** Asks somebody to confirm a new address, which it is sent to. */
    public void confirm(Person person, String to, String token) {
        post.send(to, letters.confirm(languages.of(person), token));
    }

    /** Tells of a change; nobody waits for it. */
    public void changed(Person person, Change change) {
        post.tell(person.email(), letters.changed(languages.of(person), change));
    }

    public void test(Person person) {
        post.send(person.email(), letters.test(languages.of(person)));
    }
}
