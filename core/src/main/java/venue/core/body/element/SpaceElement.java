package venue.core.body.element;

import static venue.core.model.property.Property.choice;

import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;

/** Room between two elements. */
final class SpaceElement extends FurnitureKind {

    SpaceElement() {
        super(
                "space",
                "Space",
                "Room between two elements",
                choice("height", "Height", "medium=Medium", "small=Small", "large=Large"));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("div", "room r-" + props.text("height")).end();
    }
}
