package venue.core.element;

import static venue.core.property.Property.number;
import static venue.core.property.Property.of;

import java.util.List;
import java.util.Locale;
import venue.core.html.HtmlWriter;
import venue.core.property.PropertyType;
import venue.core.text.Phrase;

/** Where it is: coordinates (WGS 84), a {@code geo:} link (RFC 5870), and a small drawn map. */
final class WhereElement extends DeclaredKind {

    private static final int SIDE = 200;
    private static final int LINES = 4;

    WhereElement() {
        super(
                "place",
                "Place",
                "Where it is, on a small map",
                of("name", "Name", PropertyType.WORDS),
                number("latitude", "Latitude", -90, 90, 0, "°").withoutFallback(),
                number("longitude", "Longitude", -180, 180, 0, "°").withoutFallback(),
                of("words", "How to find it", PropertyType.RICH));
    }

    @Override
    List<String> lines() {
        return List.of("name");
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.has("name") || (props.has("latitude") && props.has("longitude"));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("div", "place");
        if (props.has("latitude") && props.has("longitude")) {
            map(
                    props.decimal("latitude"),
                    props.decimal("longitude"),
                    props.has("name") ? props.text("name") : props.scene().say(Phrase.MAP),
                    out);
        }
        out.start("div");
        Tiles.line(props, "name", "p", "named", out);
        Tiles.words(props, "words", out);
        if (props.has("latitude") && props.has("longitude")) {
            String at = String.format(Locale.ROOT, "%.5f,%.5f", props.decimal("latitude"), props.decimal("longitude"));
            out.start("p").start("a").attr("href", "geo:" + at);
            out.text(props.scene().say(Phrase.OPEN_IN_MAPS)).end();
            out.text(" ")
                    .start("span", "small")
                    .text(at.replace(",", ", "))
                    .end()
                    .end();
        }
        out.end().end();
    }

    /** A drawn stand-in for a map: the grid of minutes around the place, and a pin. */
    private static void map(double latitude, double longitude, String name, HtmlWriter out) {
        out.start("svg", "map").attr("viewBox", "0 0 " + SIDE + " " + SIDE).attr("role", "img");
        out.attr("aria-label", name);
        for (int i = 0; i <= LINES; i++) {
            double minutes = Math.floor(longitude * 60) + i - 1;
            double x = SIDE / 2.0 + (minutes / 60 - longitude) * 60 * SIDE / LINES;
            line(x, 0, x, SIDE, out);
            label(x + 3, SIDE - 5, degrees(minutes, "E", "W"), out);
            double up = Math.floor(latitude * 60) + i - 1;
            double y = SIDE / 2.0 - (up / 60 - latitude) * 60 * SIDE / LINES;
            line(0, y, SIDE, y, out);
            label(4, y - 3, degrees(up, "N", "S"), out);
        }
        out.start("path")
                .attr("class", "pin")
                .attr("d", "M100 100c-4-8-11-13-11-21a11 11 0 0 1 22 0c0 8-7 13-11 21z")
                .end();
        out.end();
    }

    private static void line(double x1, double y1, double x2, double y2, HtmlWriter out) {
        out.start("path")
                .attr("d", String.format(Locale.ROOT, "M%.1f %.1fL%.1f %.1f", x1, y1, x2, y2))
                .end();
    }

    private static void label(double x, double y, String words, HtmlWriter out) {
        out.start("text")
                .attr("x", String.format(Locale.ROOT, "%.1f", x))
                .attr("y", String.format(Locale.ROOT, "%.1f", y));
        out.text(words).end();
    }

    private static String degrees(double minutes, String positive, String negative) {
        long whole = Math.round(Math.abs(minutes));
        return whole / 60 + "°" + String.format(Locale.ROOT, "%02d", whole % 60) + "′"
                + (minutes < 0 ? negative : positive);
    }
}
