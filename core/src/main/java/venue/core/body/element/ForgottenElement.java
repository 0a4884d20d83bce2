package venue.core.body.element;

import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Scene;

/** Where a member asks for a new password, and sets it with the link that comes. */
final class ForgottenElement extends MemberKind {

    ForgottenElement() {
        super(
                "forgotten",
                "Forgotten password",
                "Where a member gets a new password",
                "sent",
                "link",
                "refused",
                "done");
    }

    @Override
    void write(MemberForm form, Scene scene, Guest guest, Guest.Turn turn) {
        switch (turn.state()) {
            case "sent" -> form.says(Phrase.LINK_SENT);
            case "done" -> {
                form.says(Phrase.PASSWORD_SET);
                form.link(WHERE + "sign-in", Phrase.SIGN_IN);
            }
            case "link" -> {
                form.wrong();
                form.begin(WHERE + key(), "token");
                form.line("password", "password", Phrase.NEW_PASSWORD, "new-password");
                form.submit(Phrase.SET_PASSWORD);
                form.end();
            }
            default -> {
                form.wrong();
                form.says(Phrase.FORGOTTEN_WORDS);
                form.begin(WHERE + key());
                form.line("email", "email", Phrase.EMAIL, "username");
                form.submit(Phrase.SEND);
                form.end();
            }
        }
    }
}
