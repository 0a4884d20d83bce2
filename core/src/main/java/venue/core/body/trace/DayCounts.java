package venue.core.body.trace;

/**
 * How pages were read and rated, as it was at the last midnight of the site: by these listings are ordered, so that an order holds all day.
 * It is the same object until then.
 */
public record DayCounts(Reads reads, Ratings ratings) {

    public static final DayCounts NOTHING = new DayCounts(Reads.NOTHING, Ratings.NOTHING);
}
