package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import venue.core.basics.html.HtmlWriter;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** Questions and their answers, unfolding or all in sight. */
final class QuestionsElement extends ListKind {

    QuestionsElement() {
        super(
                "questions",
                Sketch.ANSWERS,
                "questions",
                "Questions and answers",
                "What people ask",
                many(
                        "questions",
                        "Questions",
                        of("question", "Question", PropertyType.WORDS),
                        of("answer", "Answer", PropertyType.RICH)),
                choice("shape", "Shape", "folded=Folded, one under another", "grid=All in sight, side by side"));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        boolean grid = props.text("shape").equals("grid");
        int level = props.scene().headings().beneath();
        out.start("div", grid ? "questions grid" : "questions");
        props.shown("questions").forEach(entry -> entry(entry, grid, level, out));
        out.end();
    }

    private static void entry(Props entry, boolean grid, int level, HtmlWriter out) {
        boolean folded = !grid && !entry.text("question").isEmpty();
        out.start(folded ? "details" : "div");
        Tiles.line(entry, "question", folded ? "summary" : "h" + level, "", out);
        Tiles.words(entry, "answer", out);
        out.end();
    }
}
