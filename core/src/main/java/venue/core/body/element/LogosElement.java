package venue.core.body.element;

import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.Optional;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Way;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.media.Media;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.PropertyType;

/** Signs of those who help or belong. */
final class LogosElement extends ListKind {

    private static final int SIXTH = 2;

    LogosElement() {
        super(
                "logos",
                Sketch.sideBySide(3),
                "logos",
                "Logos",
                "Those who help or belong",
                many(
                        "logos",
                        "Logos",
                        of("picture", "Logo", PropertyType.PICTURE).wants(PictureSlot.wide(320, "")),
                        of("name", "Name", PropertyType.WORDS),
                        of("link", "Leads to", PropertyType.LINK)));
    }

    /** Settings of lists leave it as it is. */
    @Override
    public Set<String> themeParts() {
        return Set.of();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("ul", "logos");
        props.shown("logos").forEach(l -> {
            out.start("li");
            Optional<Way> way = l.way("link");
            way.ifPresent(w -> out.start(w, ""));
            logo(l, out);
            way.ifPresent(out::end);
            out.end();
        });
        out.end();
    }

    private static void logo(Props logo, HtmlWriter out) {
        Optional<Media> media = logo.media("picture");
        if (media.isPresent()) {
            String alt = logo.has("name")
                    ? logo.text("name")
                    : logo.scene().pictures().alt(media.get());
            String shown = alt.isEmpty() ? media.get().name() : alt;
            Pictures.write(logo.scene(), media.get(), shown, SIXTH, out);
        } else if (logo.has("name")) {
            logo.write("name", out);
        } else {
            Tiles.place(logo, "picture", "span", out);
        }
    }
}
