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

    /** The screen where it is done: the name of a workspace, or {@code people}. */
    String where();
}
