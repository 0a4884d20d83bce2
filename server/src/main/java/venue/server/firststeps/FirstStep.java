package venue.server.firststeps;

/** One thing that a new site wants. */
interface FirstStep {

    /** What it is called in the API. */
    String key();

    /** The step, as it is called on the screen. */
    String title();

    /** How far the step has come, in a few words; what was done, once it is done. */
    String note(SiteBegun site);

    boolean isDone(SiteBegun site);

    /** Whether whoever asks can do it. */
    default boolean isFor(boolean owner) {
        return true;
    }

    /** Where it is done: the name of a screen, {@code facts}, {@code people}, {@code upkeep}, or {@code page/ID}. */
    String where(SiteBegun site);
}
