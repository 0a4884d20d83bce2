package venue.core.body.element;

import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Scene;

/** Where somebody says by a button that they want letters, or no more of them. Opening it does nothing: mail programs open links by themselves. */
final class LettersElement extends MemberKind {

    LettersElement() {
        super(
                "letters",
                "Letters",
                "Where somebody confirms that they want letters, or gets no more",
                "ask",
                "on",
                "out");
    }

    @Override
    void write(MemberForm form, Scene scene, Guest guest, Guest.Turn turn) {
        form.wrong();
        String to = turn.typed().getOrDefault("email", "");
        switch (turn.state()) {
            case "ask" ->
                asks(form, form.say(Phrase.LETTERS_ASK).replace("{0}", to), "confirm", Phrase.LETTERS_CONFIRM);
            case "on" -> asks(form, form.say(Phrase.LETTERS_IN).replace("{0}", to), "leave", Phrase.LETTERS_STOP);
            case "out" -> asks(form, form.say(Phrase.LETTERS_OUT).replace("{0}", to), "confirm", Phrase.LETTERS_AGAIN);
            default -> {
                if (turn.wrong().isEmpty()) {
                    form.says(Phrase.LINK_OLD);
                }
            }
        }
    }

    private void asks(MemberForm form, String words, String what, Phrase button) {
        form.says(words);
        form.begin(WHERE + key(), "token");
        form.hidden("what", what);
        form.submit(button);
        form.end();
    }
}
