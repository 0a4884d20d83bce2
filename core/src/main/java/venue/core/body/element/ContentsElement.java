package venue.core.body.element;

import java.util.List;
import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Outline;
import venue.core.body.scene.Props;

/** The headings of the page as a list that leads to them. */
final class ContentsElement extends DeclaredKind {

    static final String KEY = "contents";

    ContentsElement() {
        super(KEY, "Contents", "The page's headings, kept up by itself");
    }

    @Override
    public boolean listsHeadings() {
        return true;
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ROWS;
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return !props.scene().outline().headings().isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        List<Outline.Heading> entries = props.scene().outline().headings();
        String label = props.scene().words().say(Phrase.ON_THIS_PAGE);
        out.start("nav", "contents").attr("aria-label", label);
        out.element("p", label).start("ol");
        entries.forEach(entry -> line(entry, out));
        out.end().end();
    }

    private static void line(Outline.Heading entry, HtmlWriter out) {
        out.start("li")
                .start("a")
                .attr("href", "#" + entry.anchor())
                .text(entry.words())
                .end()
                .end();
    }
}
