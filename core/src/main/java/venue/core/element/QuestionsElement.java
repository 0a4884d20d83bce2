package venue.core.element;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.many;
import static venue.core.property.Property.of;

import venue.core.html.HtmlWriter;
import venue.core.property.PropertyType;

/** Questions and their answers, unfolding or all in sight. */
final class QuestionsElement extends DeclaredKind {

    QuestionsElement() {
        super(
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
    public boolean hasSomething(Props props) {
        return props.groups("questions").stream().anyMatch(q -> q.has("question"));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        boolean grid = props.text("shape").equals("grid");
        int level = props.scene().headings().beneath();
        out.start("div", grid ? "questions grid" : "questions");
        for (Props entry : props.groups("questions")) {
            if (entry.has("question")) {
                entry(entry, grid, level, out);
            }
        }
        out.end();
    }

    private static void entry(Props entry, boolean grid, int level, HtmlWriter out) {
        out.start(grid ? "div" : "details").start(grid ? "h" + level : "summary");
        entry.write("question", out);
        out.end();
        if (entry.has("answer")) {
            out.start("div", "text");
            entry.write("answer", out);
            out.end();
        }
        out.end();
    }
}
