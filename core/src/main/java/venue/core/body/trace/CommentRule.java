package venue.core.body.trace;

/** How a page takes comments. */
public enum CommentRule {
    /** It takes none, and shows none. */
    NONE,
    /** Each waits until somebody has let it through. */
    HELD,
    /** Each stands at once. */
    ONCE,
    /** What was said stays, and nothing is added. */
    CLOSED;

    public boolean takes() {
        return this == HELD || this == ONCE;
    }

    public boolean shows() {
        return this != NONE;
    }
}
