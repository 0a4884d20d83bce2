package venue.core.body.element;

import static venue.core.model.property.Property.choice;

import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;

/** A rule between two things. */
final class DividerElement extends FurnitureKind {

    DividerElement() {
        super(
                "divider",
                "Divider",
                "A rule between two things",
                choice("shape", "Shape", "full=Across the column", "short=Short and strong"));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.empty("hr", props.text("shape").equals("short") ? "rule short" : "rule");
    }
}
