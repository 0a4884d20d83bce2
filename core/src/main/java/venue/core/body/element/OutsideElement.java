package venue.core.body.element;

import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** A page from elsewhere, shown in a frame of its own once the visitor agrees. */
final class OutsideElement extends DeclaredKind {

    OutsideElement() {
        super(
                "outside",
                "Page from elsewhere",
                "A booking form, a map, a feed of another house",
                of("address", "Address", PropertyType.LINK).help("https:// only; its host must be on the site's list."),
                of("title", "What it is", PropertyType.WORDS));
    }

    private static Optional<Link> link(Props props) {
        return Link.find(props.text("address")).filter(l -> l.target().startsWith("https://"));
    }

    @Override
    List<String> lines() {
        return List.of("address", "title");
    }

    @Override
    public boolean hasSomething(Props props) {
        return link(props).isPresent() || props.isToFill("address");
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("div", "outside");
        link(props).ifPresentOrElse(l -> Frames.onceAgreed(props.scene(), l, props.text("title"), out), () -> {
            out.start("p");
            props.write("address", out);
            out.end();
        });
        out.end();
    }
}
