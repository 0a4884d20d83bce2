package venue.core.body.listing;

import java.util.List;

/**
 * Which pages and entries a listing shows.
 *
 * @param name by which further pages of it and what visitors choose are told from those of other listings on the page
 * @param source where they are looked for
 * @param which which of those that are there
 * @param first ids of those kept before the others, in this order
 */
public record ListingQuery(
        String name, Source source, Which which, List<String> first, Order order, Amount amount, Offered offered) {

    /**
     * Which of those that are found where it looks.
     *
     * @param kinds ids of the kinds they may be of; empty for any
     * @param conditions what must hold of each
     * @param any whether one of the conditions is enough
     * @param when which of them, by their dates
     * @param fresh whether what a listing above on the page shows is left out
     * @param except ids of those left out by name
     */
    public record Which(
            List<String> kinds,
            List<Condition> conditions,
            boolean any,
            When when,
            boolean fresh,
            List<String> except) {

        Which but(List<Condition> others, When then) {
            return new Which(kinds, others, any, then, fresh, except);
        }
    }

    /** Which, by their dates in the site's zone. */
    public enum When {
        ALL,
        /** Not over yet. */
        COMING,
        /** Begun and not over. */
        NOW,
        PAST
    }

    /**
     * In which order.
     *
     * @param field the key of the field, for {@link By#FIELD}
     */
    public record Order(By by, String field, boolean reversed) {}

    /** What the order goes by; what has nothing to go by comes last. */
    public enum By {
        DATE,
        TITLE,
        PLAN,
        CHANGED,
        /** How often people read it; among those alike the newest first. */
        READ,
        /** How visitors rated it; among those alike the newest first. */
        RATED,
        FIELD
    }

    /**
     * How many.
     *
     * @param paged whether the rest stand on further pages
     * @param each at most so many at once, from 1; 0 for all
     * @param skip so many of the first are passed over
     */
    public record Amount(boolean paged, int each, int skip) {}

    /**
     * What visitors may choose by.
     *
     * @param fields keys of the fields
     * @param sorts whether they may have it in the order of a field
     * @param feed whether it can be followed
     */
    public record Offered(List<String> fields, boolean year, boolean words, boolean sorts, boolean feed) {

        /** Whether all of it always shows. */
        public boolean isNothing() {
            return fields.isEmpty() && !year && !words;
        }

        /** Whether something of it has an address of its own. */
        public boolean hasAddresses() {
            return !isNothing() || sorts || feed;
        }
    }

    /** The same, with something else said of it. */
    public ListingQuery with(List<Condition> others, When then, Order other) {
        return but(name, which.but(others, then), first, other);
    }

    /** The same in an order that a visitor asks for, which holds for all: by a field's key, the other way round with a hyphen before it. */
    public ListingQuery sorted(String key) {
        boolean reversed = key.startsWith("-");
        String field = reversed ? key.substring(1) : key;
        By by = field.equals("title") ? By.TITLE : By.FIELD;
        return field.isEmpty() ? this : but(name, which, List.of(), new Order(by, field, reversed));
    }

    /** The same by another name. */
    public ListingQuery named(String other) {
        return but(other, which, first, order);
    }

    private ListingQuery but(String called, Which those, List<String> before, Order by) {
        return new ListingQuery(called, source, those, before, by, amount, offered);
    }
}
