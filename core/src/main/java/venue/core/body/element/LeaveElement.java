package venue.core.body.element;

import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Scene;

/** Where a member leaves for good. */
final class LeaveElement extends MemberKind {

    LeaveElement() {
        super("leave", "Leave", "Where a member leaves, and all that is kept of them goes", "in", "done");
    }

    @Override
    void write(MemberForm form, Scene scene, Guest guest, Guest.Turn turn) {
        if (turn.state().equals("done")) {
            form.says(Phrase.LEFT);
        } else if (!guest.isMember()) {
            form.says(Phrase.SIGN_IN_FIRST);
            form.link(WHERE + "sign-in?to=/-/leave", Phrase.SIGN_IN);
        } else {
            form.wrong();
            form.says(Phrase.LEAVE_WORDS);
            form.begin(WHERE + key());
            form.check("sure", form.say(Phrase.LEAVE_SURE), false, true);
            form.submit(Phrase.LEAVE);
            form.end();
        }
    }
}
