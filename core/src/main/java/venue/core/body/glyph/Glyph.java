package venue.core.body.glyph;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import venue.core.basics.value.Values;
import venue.core.body.drawn.Mark;
import venue.core.body.drawn.Mark.Ink;
import venue.core.body.drawn.Sketch;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.model.section.Column;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/**
 * The small drawing by which a template is known, computed from its frame, zones and the sections that come with it, on a
 * plane of 30 by 22 units.
 */
public record Glyph(List<Mark> marks) {

    private static final double WIDE = 30;
    private static final double HIGH = 22;
    private static final double EDGE = 1.5;
    private static final double TWELFTHS = 12;

    public static Glyph of(Template template) {
        List<Mark> marks = new ArrayList<>();
        double top = frameTop(template, marks);
        double bottom = HIGH - EDGE;
        if (template.shows("footer")) {
            marks.add(new Mark(EDGE, bottom - 2, WIDE - 2 * EDGE, 2, Ink.WASH));
            bottom -= 3;
        }
        double inset = inset(template, marks);
        double left = EDGE + inset;
        double right = WIDE - EDGE - inset;
        if (!template.zones(ZoneRole.LEFT).isEmpty()) {
            side(template.zones(ZoneRole.LEFT), marks, left, top, bottom);
            left += 6.5;
        }
        if (!template.zones(ZoneRole.RIGHT).isEmpty()) {
            side(template.zones(ZoneRole.RIGHT), marks, right - 5, top, bottom);
            right -= 6.5;
        }
        body(template, marks, left, right, top, bottom);
        return new Glyph(List.copyOf(marks));
    }

    /** How far the words stand from the edges: a sheet has something around it, without a container they reach all the way. */
    private static double inset(Template template, List<Mark> marks) {
        if (template.sheet().equals("boxed")) {
            marks.add(new Mark(0, 0, 1, HIGH, Ink.WASH));
            marks.add(new Mark(WIDE - 1, 0, 1, HIGH, Ink.WASH));
        }
        return switch (template.sheet()) {
            case "edges" -> 0;
            case "bare" -> 3;
            default -> 1.5;
        };
    }

    /** A column beside the words, with what the template puts into it. */
    private static void side(List<Zone> zones, List<Mark> marks, double x, double top, double bottom) {
        marks.add(new Mark(x, top, 5, bottom - top, Ink.WASH));
        double y = top + 1;
        for (Zone zone : zones) {
            for (Zone.Placed placed : zone.sections()) {
                for (Column column : placed.section().columns()) {
                    if (y + 2 < bottom) {
                        marks.add(new Mark(x + 0.8, y, 3.4, 2, ink(placed, column)));
                        y += 2.8;
                    }
                }
            }
        }
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
        boolean full = Values.text(placed.section().settings(), "width").equals("full");
        double x = full ? 0 : left;
        double whole = full ? WIDE : right - left;
        for (Column column : placed.section().columns()) {
            double width = whole * column.span() / TWELFTHS;
            column(marks, placed, column, new Mark(x, y, full ? width : width - 0.8, height, Ink.LINE));
            x += width;
        }
        return y + height + 1;
    }

    /** A column by what it holds. */
    private static void column(List<Mark> marks, Zone.Placed placed, Column column, Mark within) {
        Mark all = new Mark(within.x(), within.y(), within.width(), within.height(), ink(placed, column));
        column.elements().stream()
                .flatMap(e -> Elements.find(e.kind()).map(k -> k.drawn(e.props())).stream())
                .min(Comparator.comparingInt(Sketch::rank))
                .orElse(Sketch.BLOCK)
                .how()
                .draw(marks, all);
    }

    /** Pictures are solid, what the template fixes is washed, what pages write is drawn in outline. */
    private static Ink ink(Zone.Placed placed, Column column) {
        boolean picture = placed.section().settings().containsKey("picture")
                || column.elements().stream()
                        .flatMap(e -> Elements.find(e.kind()).stream())
                        .anyMatch(ElementKind::isPicture);
        return picture ? Ink.SOLID : placed.fixed() ? Ink.WASH : Ink.LINE;
    }
}
