package venue.core.body.trace;

import java.util.Map;

/** How visitors rated the pages of a site, by the page's id, at one time. */
public final class Ratings {

    public static final Ratings NOTHING = new Ratings(Map.of());

    /** A page is ordered as if so many more had given it what pages of the site are given on the whole: one voice is no verdict. */
    public static final int WEIGHT = 5;

    private final Map<String, Rating> all;
    private final double usual;

    public Ratings(Map<String, Rating> all) {
        this.all = Map.copyOf(all);
        long count = all.values().stream().mapToLong(Rating::count).sum();
        long sum = all.values().stream().mapToLong(Rating::sum).sum();
        usual = count == 0 ? 0 : (double) sum / count;
    }

    public Rating of(String page) {
        return all.getOrDefault(page, Rating.NONE);
    }

    /** By what pages are ordered: the mean, drawn towards the site's the more the fewer gave one; 0 for what nobody rated. */
    public double weighed(String page) {
        Rating rating = of(page);
        return rating.isNone() ? 0 : (rating.sum() + WEIGHT * usual) / (rating.count() + WEIGHT);
    }
}
