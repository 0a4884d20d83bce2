package venue.core.body.element;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Scene;

/** Says that only members can do something, and leads to where they sign in and back. */
final class ForMembers {

    private ForMembers() {}

    /** Whether whoever looks is sent there; those who make the site see it as members do. */
    static boolean sends(Scene scene) {
        return !scene.guest().isMember() && !scene.forms().isWhole();
    }

    static void write(Scene scene, Phrase phrase, HtmlWriter out) {
        out.element("p", scene.words().say(phrase));
        String back = URLEncoder.encode(scene.forms().action(), StandardCharsets.UTF_8);
        out.start("p").start("a", "button strong").attr("href", "/-/sign-in?to=" + back);
        out.text(scene.words().say(Phrase.SIGN_IN)).end().end();
    }
}
