package venue.server.mail;

import java.util.Locale;
import org.springframework.stereotype.Component;
import venue.core.model.site.Site;

/** Letters to the members of a site and those who ask for its letters, in its language; their links lead to the site itself. */
@Component
public class MemberMail {

    /** What is written to a member. */
    public enum Sort {
        INVITATION("memberInvitation"),
        SIGN_IN("memberSignIn"),
        PASSWORD("memberPassword"),
        CONFIRM("memberConfirm"),
        /** Somebody asked with the address of a member. */
        KNOWN("memberKnown"),
        APPROVED("memberApproved"),
        /** Somebody asked for letters: they are asked whether it was them. */
        SUBSCRIBED("subscriberConfirm"),
        /** Somebody asked for letters who gets them already. */
        SUBSCRIBER_KNOWN("subscriberKnown");

        private final String key;

        Sort(String key) {
            this.key = key;
        }
    }

    private final Post post;

    MemberMail(Post post) {
        this.post = post;
    }

    public boolean isSetUp() {
        return post.isSetUp();
    }

    /** Tells somebody; nobody waits for it. */
    public void tell(Sort sort, Site site, String to, String link) {
        post.tell(to, Letters.letter(Locale.forLanguageTag(site.language()), sort.key, link, site.name()));
    }
}
