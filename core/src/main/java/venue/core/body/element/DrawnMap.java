package venue.core.body.element;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import venue.core.basics.geo.Shape;
import venue.core.basics.geo.Shape.Spot;
import venue.core.basics.html.HtmlWriter;

/** A small map that is drawn and fetches nothing: the shapes that somebody gave, else the grid of minutes, around a place with its pin. */
final class DrawnMap {

    private static final int SIDE = 200;
    private static final int LINES = 4;
    /** How much stays free around what is shown. */
    private static final double ROOM = 1.25;

    private static final double MINUTES = 60;

    private final Spot place;
    private final List<Shape> shapes;
    /** How many degrees of latitude the side is. */
    private final double height;

    DrawnMap(Spot place, List<Shape> shapes) {
        this.place = place;
        this.shapes = shapes;
        double farthest = shapes.stream()
                .flatMap(s -> s.spots().stream())
                .mapToDouble(s -> Math.max(
                        Math.abs(s.latitude() - place.latitude()),
                        Math.abs(s.longitude() - place.longitude()) * narrowing()))
                .max()
                .orElse(0);
        height = farthest == 0 ? LINES / MINUTES : 2 * ROOM * farthest;
    }

    /** A degree of longitude is shorter the farther it is from the equator. */
    private double narrowing() {
        return Math.max(0.01, Math.cos(Math.toRadians(place.latitude())));
    }

    private double x(double longitude) {
        return SIDE / 2.0 + (longitude - place.longitude()) * narrowing() * SIDE / height;
    }

    private double y(double latitude) {
        return SIDE / 2.0 - (latitude - place.latitude()) * SIDE / height;
    }

    void write(String name, HtmlWriter out) {
        out.start("svg", "map").attr("viewBox", "0 0 " + SIDE + " " + SIDE).attr("role", "img");
        out.attr("aria-label", name);
        if (shapes.isEmpty()) {
            grid(out);
        }
        shapes.forEach(s -> shape(s, out));
        out.start("path")
                .attr("class", "pin")
                .attr("d", "M100 100c-4-8-11-13-11-21a11 11 0 0 1 22 0c0 8-7 13-11 21z")
                .end();
        out.end();
    }

    private void shape(Shape shape, HtmlWriter out) {
        if (shape.isSpot()) {
            Spot spot = shape.spots().get(0);
            out.start("circle", "spot")
                    .attr("cx", said(x(spot.longitude())))
                    .attr("cy", said(y(spot.latitude())))
                    .attr("r", 3)
                    .end();
            return;
        }
        String line = shape.spots().stream()
                .map(s -> said(x(s.longitude())) + " " + said(y(s.latitude())))
                .collect(Collectors.joining("L", "M", shape.area() ? "z" : ""));
        out.start("path", shape.area() ? "area" : "way").attr("d", line).end();
    }

    private void grid(HtmlWriter out) {
        for (int i = -LINES; i <= LINES; i++) {
            meridian(Math.floor(place.longitude() * MINUTES) + i, out);
            parallel(Math.floor(place.latitude() * MINUTES) + i, out);
        }
    }

    private void meridian(double east, HtmlWriter out) {
        double x = x(east / MINUTES);
        if (x >= 0 && x <= SIDE) {
            line(x, 0, x, SIDE, out);
            label(x + 3, SIDE - 5.0, degrees(east, "E", "W"), out);
        }
    }

    private void parallel(double north, HtmlWriter out) {
        double y = y(north / MINUTES);
        if (y >= 0 && y <= SIDE) {
            line(0, y, SIDE, y, out);
            label(4, y - 3, degrees(north, "N", "S"), out);
        }
    }

    private static void line(double x1, double y1, double x2, double y2, HtmlWriter out) {
        out.start("path")
                .attr("d", "M" + said(x1) + " " + said(y1) + "L" + said(x2) + " " + said(y2))
                .end();
    }

    private static void label(double x, double y, String words, HtmlWriter out) {
        out.start("text").attr("x", said(x)).attr("y", said(y)).text(words).end();
    }

    private static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }

    private static String degrees(double minutes, String positive, String negative) {
        long whole = Math.round(Math.abs(minutes));
        return whole / 60 + "°" + String.format(Locale.ROOT, "%02d", whole % 60) + "′"
                + (minutes < 0 ? negative : positive);
    }
}
