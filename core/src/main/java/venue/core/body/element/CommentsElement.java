package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;

import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.form.Form;

/** What visitors say on the page, and the form by which they say it; whether they may is a rule of the kind or the page. */
final class CommentsElement extends FormKind {

    CommentsElement() {
        super(
                "comments",
                "Comments",
                "What visitors say on this page, and where they say it",
                "One that says which of its fields others read.",
                choice("order", "Order", "oldest=Oldest first", "newest=Newest first"),
                number("most", "Shown at once", 5, 100, 20, "")
                        .help("With the answers to each; the others unfold beneath."));
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ANSWERS;
    }

    @Override
    public boolean isSearched() {
        return false;
    }

    @Override
    boolean shows(Form form) {
        return form.commentField().isPresent();
    }

    @Override
    public boolean hasSomething(Props props) {
        Scene scene = props.scene();
        return form(props).isPresent()
                && (scene.showsMarks()
                        || scene.forms().isHere() && scene.traces().rule().shows());
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        if (!scene.traces().rule().shows()) {
            out.unseen().start("p").start("mark", "to-fill");
            out.text("No comments here: the kind of this page, or the page itself, turns them on")
                    .end()
                    .end();
            return;
        }
        form(props)
                .ifPresent(
                        form -> new CommentsWriter(scene, form, props.number("most"), out).write(props.text("order")));
    }
}
