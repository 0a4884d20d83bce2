package venue.core.body.drawn;

import java.util.List;
import venue.core.body.drawn.Mark.Ink;

/**
 * How something is drawn small. Of several in one column, the one of the lowest rank is drawn.
 *
 * @param how draws it within a rectangle
 */
public record Drawn(int rank, Drawing how) {

    /** Adds marks within a rectangle, in its ink where nothing else is said. */
    @FunctionalInterface
    public interface Drawing {
        void draw(List<Mark> marks, Mark all);
    }

    public static final Drawn BLOCK = new Drawn(6, List::add);

    /** Lines that each begin with a sign. */
    public static final Drawn ROWS = new Drawn(4, (marks, all) -> {
        for (double down : new double[] {0, 1.7}) {
            marks.add(new Mark(all.x(), all.y() + down, 1.2, 1.2, Ink.SOLID));
            marks.add(new Mark(all.x() + 2, all.y() + down, all.width() - 2, 1.2, all.ink()));
        }
    });

    public static final Drawn ANSWERS = new Drawn(5, (marks, all) -> {
        for (double down : new double[] {0, 1.7}) {
            marks.add(new Mark(all.x(), all.y() + down, all.width(), 1.2, all.ink()));
        }
    });

    /** A field and a button. */
    public static final Drawn ASKING = new Drawn(1, (marks, all) -> {
        marks.add(new Mark(all.x(), all.y(), all.width() * 0.6, 1.6, all.ink()));
        marks.add(new Mark(all.x() + all.width() * 0.65, all.y(), 4, 1.6, Ink.SOLID));
    });

    /** Three columns of fine lines. */
    public static final Drawn INDEX = new Drawn(2, (marks, all) -> {
        for (int i = 0; i < 3; i++) {
            double third = all.width() / 3;
            lines(marks, new Mark(all.x() + i * third, all.y(), third - 1, all.height(), all.ink()), 0.6, 1.1, 1);
        }
    });

    /** A day before each line. */
    public static final Drawn DAYS = new Drawn(0, (marks, all) -> {
        for (double down : new double[] {0, 1.7}) {
            marks.add(new Mark(all.x(), all.y() + down, 2, 1.2, Ink.SOLID));
            marks.add(new Mark(all.x() + 3, all.y() + down, all.width() - 3, 1.2, all.ink()));
        }
    });

    /** Lines along an upright one. */
    public static final Drawn ALONG = new Drawn(0, (marks, all) -> {
        marks.add(new Mark(all.x() + 0.4, all.y(), 0.4, all.height(), all.ink()));
        double wide = all.width() * 0.6 / (all.width() - 2);
        lines(marks, all.moved(2, 0), 0.8, 1.3, wide);
    });

    /** Fine lines beneath a strong one. */
    public static final Drawn TABLE = new Drawn(0, (marks, all) -> {
        marks.add(new Mark(all.x(), all.y(), all.width(), 0.6, Ink.SOLID));
        lines(marks, all.moved(0, 1.1), 0.6, 1.1, 1);
    });

    public static Drawn sideBySide(int count) {
        return new Drawn(3, (marks, all) -> {
            double width = all.width() / count;
            for (int i = 0; i < count; i++) {
                marks.add(new Mark(all.x() + i * width, all.y(), width - 0.6, all.height(), all.ink()));
            }
        });
    }

    /** One large, and lines beside it. */
    public static Drawn large(boolean solid, int lines) {
        return new Drawn(0, (marks, all) -> {
            Mark large = new Mark(all.x(), all.y(), all.width() * 0.6, all.height(), all.ink());
            marks.add(solid ? large.inked(Ink.SOLID) : large);
            for (int i = 0; i < lines; i++) {
                marks.add(new Mark(all.x() + all.width() * 0.65, all.y() + i * 1.8, all.width() * 0.35, 1.2, Ink.LINE));
            }
        });
    }

    /** @param share of the width, to 1 */
    public static Drawn lines(double high, double step, double share) {
        return new Drawn(0, (marks, all) -> lines(marks, all, high, step, share));
    }

    /** The same before whatever else stands in the column. */
    public Drawn first() {
        return new Drawn(0, how);
    }

    private static void lines(List<Mark> marks, Mark all, double high, double step, double share) {
        for (double y = all.y(); y + high <= all.y() + all.height() + 0.1; y += step) {
            marks.add(new Mark(all.x(), y, all.width() * share, high, all.ink()));
        }
    }
}
