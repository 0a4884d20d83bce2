package venue.server.mail;

import java.util.Locale;
import org.springframework.stereotype.Component;
import venue.core.model.site.Site;

/** Letters to the members of a site, in its language; their links lead to the site itself. */
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
        APPROVED("memberApproved");

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
