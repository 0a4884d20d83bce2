package venue.core.body.element;

import static venue.core.model.property.Property.of;

import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.property.PropertyType;

/** What the page's own thing costs, and the button by which it is taken along. */
final class TakeElement extends VisitorKind {

    TakeElement() {
        super(
                "take-it-along",
                "Take it along",
                "What this page’s thing costs, and the button that puts it into the basket",
                of("price", "With its price", PropertyType.YES_NO).fallback(Value.of(true)));
    }

    @Override
    public boolean hasSomething(Props props) {
        Scene scene = props.scene();
        return scene.forms().ware(scene.page()).isPresent();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        scene.forms().ware(scene.page()).ifPresent(ware -> {
            out.start("div", "taking");
            if (props.flag("price")) {
                out.start("p", "price")
                        .text(ware.price().in(scene.forms().around().locale()))
                        .end();
            }
            TakeWriter.write(scene, ware, out);
            out.end();
        });
    }
}
