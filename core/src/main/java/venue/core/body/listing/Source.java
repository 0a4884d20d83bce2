package venue.core.body.listing;

import java.util.List;

/**
 * Where a listing looks.
 *
 * @param of the id of a page, or the key of a field, as the way asks for
 * @param deep whether what stands beneath those is meant too
 * @param chosen ids, for {@link Way#CHOSEN}
 */
public record Source(Way way, String of, boolean deep, List<String> chosen) {

    /** The ways of looking. */
    public enum Way {
        /** Everything of the kinds. */
        KIND,
        /** What stands beneath a page. */
        BENEATH,
        /** What stands beneath the page that the listing is on. */
        CHILDREN,
        /** What stands beside the page that the listing is on. */
        SIBLINGS,
        /** What was chosen by name, in that order. */
        CHOSEN,
        /** What a field of the page points to. */
        NAMED_HERE,
        /** What points to the page by a field, or by any where none is named. */
        NAMING_HERE,
        /** What shares a topic with the page; what shares most comes first where the plan's order is asked for. */
        SHARING_TOPICS;

        /** Whether the answer is another on another page. */
        public boolean dependsOnPage() {
            return this == CHILDREN
                    || this == SIBLINGS
                    || this == NAMED_HERE
                    || this == NAMING_HERE
                    || this == SHARING_TOPICS;
        }
    }
}
