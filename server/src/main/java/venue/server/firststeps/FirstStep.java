package venue.server.firststeps;

/** One thing that a new site wants. */
interface FirstStep {

    /** What it is called in the API. */
    String key();

    /** What is to be done. */
    String title();

    /** What is known of it, in a few words; where it is done, what was done. */
    String note(SiteBegun site);

    boolean isDone(SiteBegun site);

    /** Whether whoever asks can do it. */
    default boolean isFor(boolean owner) {
        return true;
    }

    /** Where it is done: the name of a screen, {@code facts}, {@code people}, {@code upkeep}, or {@code page/ID}. */
    String where(SiteBegun site);
}
