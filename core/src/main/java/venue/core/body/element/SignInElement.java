package venue.core.body.element;

import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Scene;
import venue.core.model.site.Membership;

/** Where members sign in: with their password, or by a link that is sent to them. */
final class SignInElement extends MemberKind {

    SignInElement() {
        super(
                "sign-in",
                "Sign in",
                "Where members sign in, with a password or by a link in a letter",
                "refused",
                "sent",
                "link",
                "in");
    }

    @Override
    void write(MemberForm form, Scene scene, Guest guest, Guest.Turn turn) {
        switch (turn.state()) {
            case "sent" -> form.says(Phrase.LINK_SENT);
            case "link" -> {
                form.says(Phrase.LINK_OPENS);
                form.begin(WHERE + key(), "token", "to");
                form.submit(Phrase.SIGN_IN);
                form.end();
            }
            default -> {
                if (guest.isMember()) {
                    signedIn(form, guest);
                } else {
                    asks(form, scene);
                }
            }
        }
    }

    private void asks(MemberForm form, Scene scene) {
        form.wrong();
        form.begin(WHERE + key(), "to");
        form.line("email", "email", Phrase.EMAIL, "username");
        form.line("password", "password", Phrase.PASSWORD, "current-password");
        form.submit(Phrase.SIGN_IN);
        form.submit(Phrase.SEND_LINK, "way", "link");
        form.end();
        form.out().start("p", "ways");
        form.link(WHERE + "forgotten", Phrase.FORGOTTEN);
        if (scene.membership().way() != Membership.Way.INVITED) {
            form.out().text(" ");
            form.link(WHERE + "join", Phrase.JOIN);
        }
        form.out().end();
    }
}
