package venue.core.body.element;

import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.basket.Ware;
import venue.core.body.form.FormNames;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;

/** Writes the button by which something is taken along: a form of its own, the same bytes for everybody. */
final class TakeWriter {

    private TakeWriter() {}

    /** Nothing where it can't be taken along. */
    static void write(Scene scene, Page page, HtmlWriter out) {
        scene.forms().ware(page).ifPresent(ware -> write(scene, ware, out));
    }

    static void write(Scene scene, Ware ware, HtmlWriter out) {
        if (ware.isSoldOut()) {
            out.start("p", "take sold-out").text(scene.words().say(Phrase.SOLD_OUT));
            out.end();
            return;
        }
        scene.forms().takes();
        String words = scene.words().say(Phrase.TAKE_ALONG);
        out.start("form", "take").attr("method", "post").attr("action", FormNames.BASKET);
        out.empty("input").attr("type", "hidden").attr("name", FormNames.TAKE).attr("value", ware.id());
        out.start("button", "button").attr("type", "submit");
        // Named with what is taken: a list of buttons with the same words tells nobody apart.
        out.attr("aria-label", words + ": " + ware.page().title());
        out.attr("data-taken", scene.words().say(Phrase.BASKET_TAKEN));
        out.text(words).end();
        out.end();
    }
}
