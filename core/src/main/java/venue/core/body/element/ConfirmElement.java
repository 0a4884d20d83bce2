package venue.core.body.element;

import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Scene;

/** Where a link in a letter leads that confirms an address: it confirms when its button is pressed, for letters are opened by machines too. */
final class ConfirmElement extends MemberKind {

    ConfirmElement() {
        super("confirm", "Confirm an address", "Where the link in a letter leads", "link", "done", "waits");
    }

    @Override
    void write(MemberForm form, Scene scene, Guest guest, Guest.Turn turn) {
        switch (turn.state()) {
            case "link" -> {
                form.says(Phrase.CONFIRM_WORDS);
                form.begin(WHERE + key(), "token");
                form.submit(Phrase.CONFIRM);
                form.end();
            }
            case "done" -> {
                form.says(Phrase.CONFIRMED);
                form.link(WHERE + "my-page", Phrase.MY_PAGE);
            }
            case "waits" -> form.says(Phrase.JOIN_WAITS);
            default -> {
                form.wrong();
                form.says(Phrase.LINK_NEEDED);
            }
        }
    }
}
