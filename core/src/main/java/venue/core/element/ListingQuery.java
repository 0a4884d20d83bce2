package venue.core.element;

/**
 * Which pages a listing shows.
 *
 * @param kind the id of their kind
 * @param which {@code all}, {@code coming} or {@code past}, by their date in the site's zone
 * @param order {@code newest}, {@code soonest}, {@code plan} or {@code title}
 * @param limit at most so many, 1 or more
 */
public record ListingQuery(String kind, String which, String order, int limit) {}
