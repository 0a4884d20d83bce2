package venue.core.body.element;

import static venue.core.model.property.Property.number;

import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;

/** What was said last, on whatever page. */
final class LatestCommentsElement extends DeclaredKind {

    private static final int LONGEST = 160;

    LatestCommentsElement() {
        super(
                "latest-comments",
                "Latest comments",
                "What visitors said last, on whatever page",
                number("most", "At most", 1, 20, 5, ""));
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean isSearched() {
        return false;
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ANSWERS;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.scene().showsMarks() || !props.scene().traces().newest(1).isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        var newest = scene.traces().newest(props.number("most"));
        if (newest.isEmpty()) {
            out.unseen().start("p").start("mark", "to-fill").text("What visitors say stands here, once they do");
            out.end().end();
            return;
        }
        scene.traces().written();
        out.start("ol", "comments said latest");
        newest.forEach(said -> {
            String address = scene.links().address(said.page());
            String href = address + "#" + CommentsWriter.anchor(said.comment().id());
            out.start("li").start("article");
            CommentsWriter.by(scene, said.comment(), href, out);
            out.start("p", "words").attr("dir", "auto");
            out.text(Words.shorten(said.comment().words(), LONGEST)).end();
            out.start("p", "on");
            out.text(scene.words().say(Phrase.COMMENT_ON) + " ");
            out.start("a").attr("href", address).text(said.page().title()).end();
            out.end().end().end();
        });
        out.end();
    }
}
