package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Way;
import venue.core.basics.value.Value;
import venue.core.body.scene.Props;
import venue.core.model.media.Media;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.PropertyType;

/** One picture, with caption and link. */
final class ImageElement extends DeclaredKind {

    ImageElement() {
        super(
                "image",
                "Picture",
                "One picture with a caption",
                of("picture", "Picture", PropertyType.PICTURE).wants(PictureSlot.column("shape")),
                of("alt", "What it shows here", PropertyType.WORDS)
                        .help("Instead of the picture's own words, where this page needs others."),
                of("caption", "Caption", PropertyType.WORDS),
                of("link", "Leads to", PropertyType.LINK),
                choice(
                        "shape",
                        "Shape",
                        "own=As it is",
                        "wide=Wide 16 : 9",
                        "classic=Classic 4 : 3",
                        "square=Square",
                        "tall=Tall 3 : 4",
                        "round=Round"),
                choice(
                        "corners",
                        "Corners",
                        "theme=As the look has them",
                        "sharp=Sharp",
                        "soft=Soft",
                        "rounded=Rounded",
                        "full=Fully rounded"));
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
    public Optional<String> unchosen(Map<String, Value> props) {
        return Optional.of("picture").filter(key -> !props.containsKey(key));
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.showsPicture("picture") || props.has("caption");
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Optional<Media> media = props.media("picture");
        String corners = props.text("corners");
        out.start("figure", "picture r-" + props.text("shape") + (corners.equals("theme") ? "" : " k-" + corners));
        if (media.isEmpty()) {
            if (props.showsPicture("picture")) {
                Tiles.place(props, "picture", "div", out);
            }
        } else {
            linked(props, media.get(), out);
        }
        caption(props, out);
        out.end();
    }

    private static void linked(Props props, Media media, HtmlWriter out) {
        Optional<Way> way = props.way("link");
        String alt =
                props.has("alt") ? props.text("alt") : props.scene().pictures().alt(media);
        way.ifPresent(w -> {
            out.start(w, "");
            if (alt.isEmpty()) {
                out.attr("aria-label", media.name());
            }
        });
        Pictures.write(props.scene(), media, alt, props.scene().span(), out);
        way.ifPresent(out::end);
    }

    private static void caption(Props props, HtmlWriter out) {
        if (props.has("caption")) {
            props.startWritten("caption", "figcaption", "", out);
            props.write("caption", out);
            out.end();
        }
    }
}
