package venue.core.element;

/** Keeps the levels of headings in order by itself: one h1, and no level left out. */
public final class Headings {

    private static final int DEEPEST = 6;

    private boolean titled;
    private int level;

    /** @param titled whether the frame has set the h1 already */
    public Headings(boolean titled) {
        this.titled = titled;
        level = 1;
    }

    /** The h1 is set. */
    public void setTitled() {
        titled = true;
    }

    /** A section begins: its first heading stands right beneath the h1. */
    public void beginSection() {
        level = 1;
    }

    /** The level of the next heading in this section. */
    public int next() {
        if (!titled) {
            titled = true;
            return 1;
        }
        level = level == 1 ? 2 : 3;
        return level;
    }

    /** A level beneath the section's last heading, for headings within listings and text. */
    public int beneath() {
        return Math.min(DEEPEST, level + 1);
    }
}
