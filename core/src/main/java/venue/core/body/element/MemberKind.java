package venue.core.body.element;

import java.util.List;
import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;

/** A part of coming in, being a member and leaving: what it shows depends on who looks, and on what they did last. */
abstract class MemberKind extends DeclaredKind {

    /** Where each is sent to, by the key of its element. */
    static final String WHERE = "/-/";

    private final List<String> states;

    MemberKind(String key, String name, String note, String... states) {
        super(key, name, note);
        this.states = List.of(states);
    }

    @Override
    public List<String> states() {
        return states;
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ASKING;
    }

    @Override
    public boolean asksServer(Map<String, Value> props) {
        return true;
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return true;
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        Guest guest = scene.guest();
        Guest.Turn turn = guest.at(key());
        out.start("div", "members");
        write(new MemberForm(scene, turn, out), scene, guest, turn);
        out.end();
    }

    abstract void write(MemberForm form, Scene scene, Guest guest, Guest.Turn turn);

    /** That somebody has signed in, and where they go from here. */
    static void signedIn(MemberForm form, Guest guest) {
        form.says(form.say(Phrase.SIGNED_IN_AS).replace("{0}", guest.name()));
        form.out().start("p");
        form.link(WHERE + "my-page", Phrase.MY_PAGE);
        form.out().end();
        signOut(form);
    }

    static void signOut(MemberForm form) {
        form.begin(WHERE + "sign-out");
        form.also(Phrase.SIGN_OUT);
        form.end();
    }
}
