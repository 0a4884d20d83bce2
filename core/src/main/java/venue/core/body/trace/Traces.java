package venue.core.body.trace;

/**
 * What visitors left on the pages of a site.
 *
 * @param day as it was at the last midnight
 * @param ratings as they are now
 */
public record Traces(DayCounts day, Comments comments, Ratings ratings) {

    public static final Traces NOTHING = new Traces(DayCounts.NOTHING, Comments.NONE, Ratings.NOTHING);
}
