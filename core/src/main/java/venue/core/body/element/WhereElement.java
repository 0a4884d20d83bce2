package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.net.URI;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import venue.core.basics.geo.GeoJson;
import venue.core.basics.geo.Shape;
import venue.core.basics.geo.Shape.Spot;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.media.Media;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.PropertyType;

/**
 * Where it is: the address in words, the way to it, coordinates (WGS 84) with a {@code geo:} link (RFC 5870), and a map, drawn, of
 * one's own, or of a tile server once the visitor agrees.
 */
final class WhereElement extends DeclaredKind {

    private static final int LONGEST_SHAPES = 200_000;
    private static final int HALF = 6;

    WhereElement() {
        super(
                "place",
                "Place",
                "Where it is: address, the way there, and a map",
                of("name", "Name", PropertyType.WORDS),
                of("address", "Address", PropertyType.LINES),
                number("latitude", "Latitude", -90, 90, 0, "°").withoutFallback(),
                number("longitude", "Longitude", -180, 180, 0, "°").withoutFallback(),
                of("words", "How to find it", PropertyType.RICH),
                of("way", "Page with the way there", PropertyType.LINK),
                choice(
                        "ground",
                        "Map",
                        "drawn=Drawn",
                        "picture=A picture of your own",
                        "tiles=From the site’s map server, when asked for"),
                of("picture", "Picture of the map", PropertyType.PICTURE)
                        .wants(PictureSlot.wide(800, ""))
                        .onlyWhen("ground=picture"),
                of("shapes", "Paths, borders and buildings to draw", PropertyType.LINES)
                        .notWords()
                        .longest(LONGEST_SHAPES)
                        .onlyWhen("ground=drawn|tiles")
                        .help(
                                "As GeoJSON (RFC 7946), which map programs write. Without it a grid of minutes is drawn."),
                number("zoom", "How near", 1, 19, 14, "")
                        .onlyWhen("ground=tiles")
                        .help("1: the whole world; 19: single houses."));
    }

    @Override
    List<String> lines() {
        return List.of("name");
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.hasAny() || spot(props).isPresent();
    }

    private static Optional<Spot> spot(Props props) {
        return props.has("latitude") && props.has("longitude")
                ? Optional.of(new Spot(props.decimal("longitude"), props.decimal("latitude")))
                : Optional.empty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("div", "place");
        ground(props, out);
        out.start("div");
        Tiles.line(props, "name", "p", "named", out);
        Tiles.line(props, "address", "p", "lines", out);
        Tiles.words(props, "words", out);
        spot(props).ifPresent(at -> coordinates(props, at, out));
        props.way("way")
                .ifPresent(way -> out.start("p")
                        .start(way, "")
                        .text(props.scene().words().say(Phrase.WAY))
                        .end(way)
                        .end());
        out.end().end();
    }

    private static void ground(Props props, HtmlWriter out) {
        Optional<Media> picture = props.text("ground").equals("picture") ? props.media("picture") : Optional.empty();
        if (picture.isPresent()) {
            Scene scene = props.scene();
            out.start("div", "ground");
            Pictures.write(
                    scene, picture.get(), scene.pictures().alt(picture.get()), Math.min(HALF, scene.span()), out);
            out.end();
        } else {
            spot(props).ifPresent(at -> map(props, at, out));
        }
    }

    /** The drawn map; where a tile server is asked for, with what its own script needs to show that in its place. */
    private static void map(Props props, Spot at, HtmlWriter out) {
        Scene scene = props.scene();
        String shapes = props.text("shapes");
        List<Shape> read = shapes.isEmpty() ? List.of() : GeoJson.read(shapes);
        String name = props.has("name") ? props.text("name") : scene.words().say(Phrase.MAP);
        Optional<String> tiles =
                props.text("ground").equals("tiles") ? scene.words().fact("tileServer") : Optional.empty();
        out.start("div", "ground");
        tiles.ifPresent(address -> {
            out.attr("data-tiles", address)
                    .attr("data-at", said(at))
                    .attr("data-zoom", props.number("zoom"))
                    .attr("data-name", name)
                    .attr("data-words", scene.words().fact("tileWords").orElse(""));
            if (!read.isEmpty()) {
                out.attr("data-shapes", shapes);
            }
        });
        new DrawnMap(at, read).write(name, out);
        tiles.ifPresent(address -> {
            scene.links().tiled(address);
            String host = URI.create(address.replaceAll("[{}]", "")).getHost();
            out.start("button", "button").attr("type", "button").attr("hidden");
            out.text(String.format(scene.words().say(Phrase.SHOW_FROM), host)).end();
        });
        out.end();
    }

    private static void coordinates(Props props, Spot at, HtmlWriter out) {
        out.start("p").start("a").attr("href", "geo:" + said(at));
        out.text(props.scene().words().say(Phrase.OPEN_IN_MAPS)).end();
        out.text(" ").start("span", "small").text(said(at).replace(",", ", "));
        out.end().end();
    }

    private static String said(Spot at) {
        return String.format(Locale.ROOT, "%.5f,%.5f", at.latitude(), at.longitude());
    }
}
