package venue.core.body.element;

import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Scene;

/** A member's own page: what is kept of them, their password, where they are signed in. */
final class MyPageElement extends MemberKind {

    MyPageElement() {
        super(
                "my-page",
                "My page",
                "A member’s own page: what is kept of them, password, where they are signed in",
                "in",
                "saved",
                "refused");
    }

    @Override
    void write(MemberForm form, Scene scene, Guest guest, Guest.Turn turn) {
        if (!guest.isMember()) {
            form.says(Phrase.SIGN_IN_FIRST);
            form.link(WHERE + "sign-in?to=/-/my-page", Phrase.SIGN_IN);
            return;
        }
        form.says(form.say(Phrase.SIGNED_IN_AS).replace("{0}", guest.name()) + " " + guest.email());
        if (turn.state().equals("saved")) {
            form.says(Phrase.SAVED);
        }
        form.wrong();
        details(form, scene, guest, turn);
        sent(form, turn);
        password(form);
        sessions(form, turn);
        form.out().start("p", "ways");
        form.link(WHERE + "my-page/kept.json", Phrase.KEPT_FILE);
        form.out().text(" ");
        form.link(WHERE + "leave", Phrase.LEAVE);
        form.out().end();
        signOut(form);
    }

    private void details(MemberForm form, Scene scene, Guest guest, Guest.Turn turn) {
        heading(form, Phrase.MY_DETAILS);
        form.begin(WHERE + key());
        form.hidden("what", "details");
        form.line("text", "name", form.say(Phrase.NAME), guest.name(), "name", true);
        Map<String, String> typed = JoinElement.typed(turn);
        form.fields(scene.membership().fields(), typed.isEmpty() ? guest.fields() : typed);
        form.submit(Phrase.SAVE);
        form.end();
    }

    /** What they sent by forms; where places run out, they are given back from there. */
    private void sent(MemberForm form, Guest.Turn turn) {
        if (turn.sent().isEmpty()) {
            return;
        }
        HtmlWriter out = form.out();
        heading(form, Phrase.YOUR_ANSWERS);
        out.start("ul", "sessions");
        turn.sent().forEach(s -> {
            out.start("li").start("a").attr("href", s.link()).text(s.words()).end();
            out.text(" ").element("small", s.on()).end();
        });
        out.end();
    }

    private void password(MemberForm form) {
        heading(form, Phrase.NEW_PASSWORD);
        form.begin(WHERE + key());
        form.hidden("what", "password");
        form.line("password", "present", form.say(Phrase.PRESENT_PASSWORD), "", "current-password", false);
        form.line("password", "password", form.say(Phrase.NEW_PASSWORD), "", "new-password", true);
        form.also(Phrase.SET_PASSWORD);
        form.end();
    }

    private void sessions(MemberForm form, Guest.Turn turn) {
        HtmlWriter out = form.out();
        heading(form, Phrase.SESSIONS);
        out.start("ul", "sessions");
        turn.sessions()
                .forEach(s -> out.start("li")
                        .text(s.device())
                        .text(" ")
                        .element("small", s.since())
                        .end());
        out.end();
        if (turn.sessions().size() > 1) {
            form.begin(WHERE + key());
            form.hidden("what", "sessions");
            form.also(Phrase.END_OTHERS);
            form.end();
        }
    }

    private static void heading(MemberForm form, Phrase words) {
        form.out().start("h2", "h z-small").text(form.say(words)).end();
    }
}
