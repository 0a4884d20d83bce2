package venue.core.body.listing;

import java.util.List;
import java.util.Map;
import venue.core.model.page.Page;

/**
 * What a listing shows.
 *
 * @param name of the listing, as in its addresses
 * @param pages those of the page at hand, in order
 * @param chosen what the visitor chose, by key
 * @param offers what they may choose by
 * @param why nothing is shown, for managers; empty where something is
 */
public record Listed(
        String name, List<Page> pages, Portion portion, Map<String, String> chosen, List<Offer> offers, String why) {

    /**
     * Which part of all that there is.
     *
     * @param total how many there are on all its pages
     * @param number of the page at hand, from 1
     * @param of how many pages there are, from 1
     */
    public record Portion(int total, int number, int of) {}

    /** The key of what is looked for in words. */
    public static final String WORDS = "q";

    /** The key of the year. */
    public static final String YEAR = "year";

    /** The key of the order. */
    public static final String SORT = "sort";

    /**
     * What visitors may choose by.
     *
     * @param label the field's; empty for the year
     */
    public record Offer(String key, String label, List<Answer> answers) {}

    /**
     * One choice.
     *
     * @param count how many are shown when it is chosen beside what is chosen already
     */
    public record Answer(String value, String label, int count, boolean isChosen) {}

    public boolean isEmpty() {
        return pages.isEmpty();
    }
}
