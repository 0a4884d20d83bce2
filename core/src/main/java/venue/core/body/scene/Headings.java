package venue.core.body.scene;

/**
 * Keeps the levels of headings in order by itself: one h1, no level left out, and equal ones for the columns of a section that
 * stand side by side.
 */
public final class Headings {

    private static final int DEEPEST = 6;

    private boolean titled;
    private int level;

    /** @param titled whether the frame has set the h1 already */
    public Headings(boolean titled) {
        this.titled = titled;
        level = 1;
    }

    /** Whether the h1 is set. */
    public boolean isTitled() {
        return titled;
    }

    /** The h1 is set. */
    public void setTitled() {
        titled = true;
    }

    /** A column of a section begins: its first heading stands right beneath the h1. */
    public void beginColumn() {
        level = 1;
    }

    /** The level of the next heading in this column. */
    public int next() {
        if (!titled) {
            titled = true;
            return 1;
        }
        level = level == 1 ? 2 : 3;
        return level;
    }

    /** The level at which a heading stands that is still to be filled: visitors don't have it, so none is counted from it. */
    public int waiting() {
        return level == 1 ? 2 : 3;
    }

    /** A level beneath the column's last heading, for headings within listings and text. */
    public int beneath() {
        return Math.min(DEEPEST, level + 1);
    }
}
