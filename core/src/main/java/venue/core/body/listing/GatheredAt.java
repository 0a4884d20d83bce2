package venue.core.body.listing;

/** Where something gathers what stands beneath a page, as one text: a page's id, or one of those here, perhaps with so many levels. */
public final class GatheredAt {

    /** How many levels are gathered at most. */
    public static final int DEEPEST = 6;

    /** What stands beneath the page itself. */
    public static final String HERE = ".";

    /** What stands beside it. */
    public static final String BESIDE = "..";

    private GatheredAt() {}

    /** What stands beneath a page, down to so many levels; an empty id for the top of the plan. */
    public static String within(String page, int levels) {
        return page + "/" + levels;
    }

    /** The page beneath which it is that something is gathered; empty for the top of the plan. */
    public static String page(String gathered) {
        return gathered.replaceAll("/.*", "");
    }
}
