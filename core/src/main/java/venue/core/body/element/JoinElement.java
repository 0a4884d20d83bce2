package venue.core.body.element;

import java.util.Map;
import java.util.stream.Collectors;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Scene;
import venue.core.model.site.Membership;

/** Where somebody asks to become a member, or signs up, as the site has it. */
final class JoinElement extends MemberKind {

    JoinElement() {
        super("join", "Ask to join", "Where somebody asks to become a member, or signs up", "refused", "sent");
    }

    @Override
    void write(MemberForm form, Scene scene, Guest guest, Guest.Turn turn) {
        Membership membership = scene.membership();
        if (turn.state().equals("sent")) {
            form.says(Phrase.JOIN_SENT);
        } else if (guest.isMember()) {
            signedIn(form, guest);
        } else if (membership.way() == Membership.Way.INVITED) {
            form.says(Phrase.INVITED_ALONE);
        } else {
            form.wrong();
            form.begin(WHERE + key());
            form.line("text", "name", Phrase.NAME, "name");
            form.line("email", "email", Phrase.EMAIL, "email");
            form.fields(membership.fields(), typed(turn));
            if (!membership.consent().isEmpty()) {
                form.check("consent", membership.consent(), false, true);
            }
            form.submit(Phrase.SEND);
            form.end();
        }
    }

    /** What was typed for what is kept, by its key. */
    static Map<String, String> typed(Guest.Turn turn) {
        return turn.typed().entrySet().stream()
                .filter(e -> e.getKey().startsWith("field."))
                .collect(Collectors.toMap(e -> e.getKey().substring("field.".length()), Map.Entry::getValue));
    }
}
