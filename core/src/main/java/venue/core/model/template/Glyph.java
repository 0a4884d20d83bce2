package venue.core.model.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import venue.core.basics.value.Values;
import venue.core.model.section.Column;

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
    private static final double TWELFTHS = 12;
    private static final Set<String> SIDE_BY_SIDE =
            Set.of("listing", "pictures", "people", "logos", "offers", "figures");
    private static final Set<String> ROWS = Set.of("documents", "links", "contact", "hours", "facts", "contents");
    private static final Set<String> ANSWERS = Set.of("questions", "table", "timeline", "steps");
    private static final Set<String> PICTURES = Set.of("image", "pictures", "film");

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

    /** A column by what it holds: cards and pictures side by side, rows of facts or questions, else one block. */
    private static void column(List<Mark> marks, Zone.Placed placed, Column column, Mark all) {
        Ink ink = ink(placed, column);
        String layout = layout(column);
        if (!layout.isEmpty()) {
            listing(marks, layout, all, ink);
        } else if (holds(column, Set.of("search"))) {
            marks.add(new Mark(all.x(), all.y(), all.width() * 0.6, 1.6, ink));
            marks.add(new Mark(all.x() + all.width() * 0.65, all.y(), 4, 1.6, Ink.SOLID));
        } else if (holds(column, Set.of("site-index"))) {
            for (int i = 0; i < 3; i++) {
                Mark third = new Mark(all.x() + i * all.width() / 3, all.y(), all.width() / 3 - 1, all.height(), ink);
                lines(marks, third, 0.6, 1.1, third.width(), ink);
            }
        } else if (holds(column, SIDE_BY_SIDE)) {
            sideBySide(marks, 3, all, ink);
        } else if (holds(column, ROWS)) {
            for (double y : new double[] {all.y(), all.y() + 1.7}) {
                marks.add(new Mark(all.x(), y, 1.2, 1.2, Ink.SOLID));
                marks.add(new Mark(all.x() + 2, y, all.width() - 2, 1.2, ink));
            }
        } else if (holds(column, ANSWERS)) {
            for (double y : new double[] {all.y(), all.y() + 1.7}) {
                marks.add(new Mark(all.x(), y, all.width(), 1.2, ink));
            }
        } else {
            marks.add(new Mark(all.x(), all.y(), all.width(), all.height(), ink));
        }
    }

    private static void sideBySide(List<Mark> marks, int count, Mark all, Ink ink) {
        double width = all.width() / count;
        for (int i = 0; i < count; i++) {
            marks.add(new Mark(all.x() + i * width, all.y(), width - 0.6, all.height(), ink));
        }
    }

    /** The layout of a listing in the column; empty where there is none. */
    private static String layout(Column column) {
        return column.elements().stream()
                .filter(e -> e.kind().equals("listing"))
                .map(e -> e.props().containsKey("shape") ? Values.text(e.props(), "shape") : "cards")
                .findFirst()
                .orElse("");
    }

    /** Entries as their layout sets them. */
    private static void listing(List<Mark> marks, String layout, Mark all, Ink ink) {
        switch (layout) {
            case "people" -> sideBySide(marks, 4, all, ink);
            case "gallery" -> sideBySide(marks, 5, all, ink);
            case "lead" -> beside(marks, all, ink, 2);
            case "large" -> beside(marks, all, Ink.SOLID, 1);
            case "rows" -> lines(marks, all, 1.2, 1.7, all.width() * 0.75, ink);
            case "line" -> {
                marks.add(new Mark(all.x() + 0.4, all.y(), 0.4, all.height(), ink));
                lines(
                        marks,
                        new Mark(all.x() + 2, all.y(), all.width() - 2, all.height(), ink),
                        0.8,
                        1.3,
                        all.width() * 0.6,
                        ink);
            }
            case "compact" -> lines(marks, all, 0.6, 1.1, all.width(), ink);
            case "table" -> {
                marks.add(new Mark(all.x(), all.y(), all.width(), 0.6, Ink.SOLID));
                lines(
                        marks,
                        new Mark(all.x(), all.y() + 1.1, all.width(), all.height() - 1.1, ink),
                        0.6,
                        1.1,
                        all.width(),
                        ink);
            }
            case "agenda" -> {
                for (double y : new double[] {all.y(), all.y() + 1.7}) {
                    marks.add(new Mark(all.x(), y, 2, 1.2, Ink.SOLID));
                    marks.add(new Mark(all.x() + 3, y, all.width() - 3, 1.2, ink));
                }
            }
            default -> sideBySide(marks, 3, all, ink);
        }
    }

    /** One large, and lines beside it. */
    private static void beside(List<Mark> marks, Mark all, Ink large, int lines) {
        marks.add(new Mark(all.x(), all.y(), all.width() * 0.6, all.height(), large));
        for (int i = 0; i < lines; i++) {
            marks.add(new Mark(all.x() + all.width() * 0.65, all.y() + i * 1.8, all.width() * 0.35, 1.2, all.ink()));
        }
    }

    private static void lines(List<Mark> marks, Mark all, double high, double step, double wide, Ink ink) {
        for (double y = all.y(); y + high <= all.y() + all.height() + 0.1; y += step) {
            marks.add(new Mark(all.x(), y, wide, high, ink));
        }
    }

    private static boolean holds(Column column, Set<String> kinds) {
        return column.elements().stream().anyMatch(e -> kinds.contains(e.kind()));
    }

    /** Pictures are solid, what the template fixes is washed, what pages write is drawn in outline. */
    private static Ink ink(Zone.Placed placed, Column column) {
        boolean picture = placed.section().settings().containsKey("picture") || holds(column, PICTURES);
        return picture ? Ink.SOLID : placed.fixed() ? Ink.WASH : Ink.LINE;
    }
}
