package venue.core.body.drawn;

import java.util.List;
import venue.core.body.drawn.Mark.Ink;

/**
 * How something is drawn small. Of several in one column, the one of the lowest rank is drawn.
 *
 * @param how draws it within a rectangle
 */
public record Sketch(int rank, Drawing how) {

    /** Adds marks within a rectangle, in its ink where nothing else is said. */
    @FunctionalInterface
    public interface Drawing {
        void draw(List<Mark> marks, Mark all);
    }

    public static final Sketch BLOCK = new Sketch(6, List::add);

    /** Lines that each begin with a sign. */
    public static final Sketch ROWS = new Sketch(4, (marks, all) -> {
        for (double down : new double[] {0, 1.7}) {
            marks.add(new Mark(all.x(), all.y() + down, 1.2, 1.2, Ink.SOLID));
            marks.add(new Mark(all.x() + 2, all.y() + down, all.width() - 2, 1.2, all.ink()));
        }
    });

    public static final Sketch ANSWERS = new Sketch(5, (marks, all) -> {
        for (double down : new double[] {0, 1.7}) {
            marks.add(new Mark(all.x(), all.y() + down, all.width(), 1.2, all.ink()));
        }
    });

    /** A field and a button. */
    public static final Sketch ASKING = new Sketch(1, (marks, all) -> {
        marks.add(new Mark(all.x(), all.y(), all.width() * 0.6, 1.6, all.ink()));
        marks.add(new Mark(all.x() + all.width() * 0.65, all.y(), 4, 1.6, Ink.SOLID));
    });

    /** Three columns of fine lines. */
    public static final Sketch INDEX = new Sketch(2, (marks, all) -> {
        for (int i = 0; i < 3; i++) {
            double third = all.width() / 3;
            lines(marks, new Mark(all.x() + i * third, all.y(), third - 1, all.height(), all.ink()), 0.6, 1.1, 1);
        }
    });

    /** A day before each line. */
    public static final Sketch DAYS = new Sketch(0, (marks, all) -> {
        for (double down : new double[] {0, 1.7}) {
            marks.add(new Mark(all.x(), all.y() + down, 2, 1.2, Ink.SOLID));
            marks.add(new Mark(all.x() + 3, all.y() + down, all.width() - 3, 1.2, all.ink()));
        }
    });

    /** Lines along an upright one. */
    public static final Sketch ALONG = new Sketch(0, (marks, all) -> {
        marks.add(new Mark(all.x() + 0.4, all.y(), 0.4, all.height(), all.ink()));
        double wide = all.width() * 0.6 / (all.width() - 2);
        lines(marks, all.moved(2, 0), 0.8, 1.3, wide);
    });

    /** Fine lines beneath a strong one. */
    public static final Sketch TABLE = new Sketch(0, (marks, all) -> {
        marks.add(new Mark(all.x(), all.y(), all.width(), 0.6, Ink.SOLID));
        lines(marks, all.moved(0, 1.1), 0.6, 1.1, 1);
    });

    public static Sketch sideBySide(int count) {
        return new Sketch(3, (marks, all) -> {
            double width = all.width() / count;
            for (int i = 0; i < count; i++) {
                marks.add(new Mark(all.x() + i * width, all.y(), width - 0.6, all.height(), all.ink()));
            }
        });
    }

    /** One large, and lines beside it. */
    public static Sketch large(boolean solid, int lines) {
        return new Sketch(0, (marks, all) -> {
            Mark large = new Mark(all.x(), all.y(), all.width() * 0.6, all.height(), all.ink());
            marks.add(solid ? large.inked(Ink.SOLID) : large);
            for (int i = 0; i < lines; i++) {
                marks.add(new Mark(all.x() + all.width() * 0.65, all.y() + i * 1.8, all.width() * 0.35, 1.2, Ink.LINE));
            }
        });
    }

    /** @param share of the width, to 1 */
    public static Sketch lines(double high, double step, double share) {
        return new Sketch(0, (marks, all) -> lines(marks, all, high, step, share));
    }

    /** The same before whatever else stands in the column. */
    public Sketch first() {
        return new Sketch(0, how);
    }

    private static void lines(List<Mark> marks, Mark all, double high, double step, double share) {
        for (double y = all.y(); y + high <= all.y() + all.height() + 0.1; y += step) {
            marks.add(new Mark(all.x(), y, all.width() * share, high, all.ink()));
        }
    }
}
