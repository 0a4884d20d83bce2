package venue.core.change.rollout;

/** What is done with one section of one page. */
public enum Decision {
    /** As the origin is now, with the page's own changes where they do not touch the same part. */
    FOLLOW,
    /** As the page has it; not asked again until the origin changes once more. */
    KEEP,
    /** Taken off the page, to wait on its shelf. */
    SHELVE
}
