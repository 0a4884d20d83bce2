package venue.core.show.render;

import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Props;

/** Writes what a section does that is not there from the beginning: it waits for some seconds, or for a visitor to open it. */
final class Appearing {

    private final PageScene scene;
    private final HtmlWriter out;

    Appearing(PageScene scene, HtmlWriter out) {
        this.scene = scene;
        this.out = out;
    }

    /** Says on the element just started how long it waits. The script hides it and shows it; without one it is there. */
    void wait(Props settings) {
        if (settings.text("appears").equals("seconds")) {
            scene.needs().needScript();
            out.attr("data-after", settings.number("appearsAfter"));
        }
    }

    /** Starts what opens without a script; managers see it open, to write in it. */
    void opens(Props settings) {
        out.start("details", "opens");
        if (scene.showsMarks()) {
            out.attr("open");
        }
        String words = settings.text("appearsBy");
        out.start("summary", "button").text(words.isBlank() ? scene.words().say(Phrase.SHOW_MORE) : words);
        out.end();
    }
}
