package venue.core.template;

import java.util.ArrayList;
import java.util.List;

/**
 * The small drawing by which a template is known, computed from its frame, zones and the sections that come with it, on a
 * plane of 30 by 22 units.
 */
public record Glyph(List<Mark> marks) {

    /** How strongly a mark is drawn. */
    public enum Ink {
        LINE,
        WASH,
        SOLID
    }

    /** A rectangle in the glyph's units. */
    public record Mark(double x, double y, double width, double height, Ink ink) {}

    private static final double WIDE = 30;
    private static final double HIGH = 22;
    private static final double EDGE = 1.5;

    public static Glyph of(Template template) {
        List<Mark> marks = new ArrayList<>();
        double top = frameTop(template, marks);
        double bottom = HIGH - EDGE;
        if (template.shows("footer")) {
            marks.add(new Mark(EDGE, bottom - 2, WIDE - 2 * EDGE, 2, Ink.WASH));
            bottom -= 3;
        }
        double left = EDGE + 1.5;
        double right = WIDE - EDGE - 1.5;
        if (!template.zones(ZoneRole.LEFT).isEmpty()) {
            marks.add(new Mark(left, top, 5, bottom - top, Ink.WASH));
            left += 6.5;
        }
        if (!template.zones(ZoneRole.RIGHT).isEmpty()) {
            marks.add(new Mark(right - 5, top, 5, bottom - top, Ink.WASH));
            right -= 6.5;
        }
        body(template, marks, left, right, top, bottom);
        return new Glyph(List.copyOf(marks));
    }

    private static double frameTop(Template template, List<Mark> marks) {
        double y = EDGE;
        if (template.shows("header")) {
            marks.add(new Mark(EDGE, y + 1, 5, 1, Ink.SOLID));
            marks.add(new Mark(WIDE - EDGE - 9, y + 1, 9, 1, Ink.LINE));
            y += 3;
        }
        if (template.band().equals("picture")) {
            marks.add(new Mark(EDGE, y, WIDE - 2 * EDGE, 6, Ink.SOLID));
            return y + 7.5;
        }
        if (template.band().equals("words")) {
            marks.add(new Mark(EDGE, y, WIDE - 2 * EDGE, 3, Ink.WASH));
            return y + 4.5;
        }
        return y + 1.5;
    }

    /** What fills the main zone: bands and columns of the sections that come with the template, else lines of words. */
    private static void body(
            Template template, List<Mark> marks, double left, double right, double top, double bottom) {
        double y = top;
        for (ZoneRole role : List.of(ZoneRole.TOP, ZoneRole.MAIN, ZoneRole.FOOT)) {
            for (Zone zone : template.zones(role)) {
                for (Zone.Placed placed : zone.sections()) {
                    y = band(marks, placed, left, right, y, bottom);
                }
            }
        }
        for (double width : new double[] {0.9, 0.7, 0.8}) {
            if (y + 1 < bottom) {
                marks.add(new Mark(left, y, (right - left) * width, 1, Ink.LINE));
                y += 2.2;
            }
        }
    }

    private static double band(
            List<Mark> marks, Zone.Placed placed, double left, double right, double y, double bottom) {
        double height = 3;
        if (y + height > bottom) {
            return y;
        }
        double x = left;
        Ink ink = placed.section().settings().containsKey("picture") ? Ink.SOLID : Ink.WASH;
        for (var column : placed.section().columns()) {
            double width = (right - left) * column.span() / 12;
            marks.add(new Mark(x, y, width - 0.8, height, placed.fixed() ? ink : Ink.LINE));
            x += width;
        }
        return y + height + 1;
    }
}
