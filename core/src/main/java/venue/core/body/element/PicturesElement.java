package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.media.Media;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.PropertyType;

/** Any number of pictures together; each opens large. There is never an empty frame. */
final class PicturesElement extends DeclaredKind {

    private static final int WHOLE = 12;
    private static final int THIRD = 4;

    PicturesElement() {
        super(
                "pictures",
                "Pictures",
                "Several together, each opens large",
                many(
                        "pictures",
                        "Pictures",
                        of("picture", "Picture", PropertyType.PICTURE).wants(PictureSlot.wide(1200, "")),
                        of("caption", "Caption", PropertyType.WORDS)),
                choice("shape", "Arrangement", "grid=Grid", "mosaic=Mosaic", "strip=Strip to push along"));
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.sideBySide(3);
    }

    @Override
    public boolean isPicture() {
        return true;
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("pictures");
    }

    @Override
    public boolean hasSomething(Props props) {
        return !props.shown("pictures").isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        List<Props> shown = props.shown("pictures");
        String many = "n" + Math.min(shown.size(), WHOLE);
        out.start("ul", "pictures " + props.text("shape") + " " + many);
        if (props.text("shape").equals("strip")) {
            out.attr("tabindex", 0)
                    .attr("role", "list")
                    .attr("aria-label", props.scene().words().say(Phrase.PICTURES));
        }
        shown.forEach(p -> one(p, out));
        out.end();
    }

    private static void one(Props one, HtmlWriter out) {
        out.start("li");
        one.media("picture").ifPresentOrElse(m -> opening(one, m, out), () -> {
            if (one.showsPicture("picture")) {
                Tiles.place(one, "picture", "div", out);
            }
            Tiles.line(one, "caption", "p", "caption", out);
        });
        out.end();
    }

    /** A button that opens the picture large in a popover, with no script. */
    private static void opening(Props one, Media media, HtmlWriter out) {
        String id = one.scene().freshId();
        String alt = one.scene().pictures().alt(media);
        String caption = one.text("caption");
        out.start("button", "enlarge").attr("type", "button").attr("popovertarget", id);
        if (alt.isEmpty()) {
            out.attr("aria-label", caption.isEmpty() ? media.name() : caption);
        }
        Pictures.write(one.scene(), media, alt, THIRD, out);
        out.end();
        out.start("div", "large").attr("id", id).attr("popover");
        Pictures.write(one.scene(), media, alt, Pictures.EDGES, out);
        if (!caption.isEmpty()) {
            out.element("p", caption);
        }
        out.start("button", "button").attr("type", "button").attr("popovertarget", id);
        out.text(one.scene().words().say(Phrase.CLOSE)).end();
        out.end();
    }
}
