package venue.core.body.element;

import java.text.NumberFormat;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Scene;
import venue.core.body.trace.Rating;
import venue.core.model.page.Page;

/** Says how a page is rated, and how much was said on it. */
final class TraceWords {

    private static final int HALVES = 2;

    private TraceWords() {}

    /** In a card: nothing of what there is none of. */
    static void write(Scene scene, Page page, boolean rating, boolean comments, HtmlWriter out) {
        Rating rated = rating ? scene.traces().rating(page) : Rating.NONE;
        int said = comments ? scene.traces().comments(page) : 0;
        if (rated.isNone() && said == 0) {
            return;
        }
        scene.traces().written();
        out.start("p", "traces");
        if (!rated.isNone()) {
            mean(scene, rated, out);
        }
        if (said > 0) {
            out.start("span", "said-here").text(said(scene, said)).end();
        }
        out.end();
    }

    static String said(Scene scene, int many) {
        return many == 1
                ? scene.words().say(Phrase.COMMENT_ONE)
                : scene.words().say(Phrase.COMMENT_MANY).replace("{0}", String.valueOf(many));
    }

    /** Five marks, filled by halves, and the same in words. */
    static void mean(Scene scene, Rating rating, HtmlWriter out) {
        out.start("span", "mean").start("span", "marks").attr("aria-hidden", "true");
        long halves = Math.round(rating.mean().doubleValue() * HALVES);
        for (int i = 1; i <= Rating.MOST; i++) {
            out.start("i", halves >= (long) i * HALVES ? "f" : halves == (long) i * HALVES - 1 ? "h" : "n")
                    .end();
        }
        out.end().text(" ");
        NumberFormat format = NumberFormat.getInstance(scene.forms().around().locale());
        out.text(scene.words()
                .say(Phrase.RATING_MEAN)
                .replace("{0}", format.format(rating.mean()))
                .replace("{1}", String.valueOf(Rating.MOST)));
        out.text(" ").start("small");
        out.text(
                rating.count() == 1
                        ? scene.words().say(Phrase.RATING_ONE)
                        : scene.words().say(Phrase.RATING_MANY).replace("{0}", format.format(rating.count())));
        out.end().end();
    }
}
