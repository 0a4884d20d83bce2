package venue.core.model.property;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Keys of fields that mean the same in every kind: listings, search engines and title bands look for them by name. */
public final class UsualFields {

    public static final String SUMMARY = "summary";
    public static final String PICTURE = "picture";
    public static final String DATE = "date";
    /** When what has a date is over; where it is not held, the date itself tells. */
    public static final String UNTIL = "until";

    public static final String PERSON = "person";

    public static final String EMAIL = "email";
    public static final String PHONE = "phone";

    /** Those that a listing shows in places of their own. */
    public static final Set<String> IN_LISTINGS = Set.of(SUMMARY, PICTURE, DATE);

    /** How many of something there are. */
    public static final String LEFT = "left";

    /** What something costs: a number whose unit is a currency. */
    public static final String PRICE = "price";

    private static final List<Property> DECLARED = List.of(
            Property.of(SUMMARY, "Summary", PropertyType.LINES),
            Property.of(PICTURE, "Picture", PropertyType.PICTURE),
            Property.of(DATE, "Date", PropertyType.DATE_TIME),
            Property.of(UNTIL, "Until", PropertyType.DATE_TIME),
            Property.of(PERSON, "Person", PropertyType.ENTRY),
            Property.of(EMAIL, "E-mail", PropertyType.WORDS),
            Property.of(PHONE, "Telephone", PropertyType.WORDS),
            Property.of(PRICE, "Price", PropertyType.NUMBER).unit("EUR"),
            Property.of(LEFT, "How many there are", PropertyType.NUMBER));

    private UsualFields() {}

    /** The field as a kind gets it that has none yet; empty for a key that means nothing in particular. */
    public static Optional<Property> declared(String key) {
        return DECLARED.stream().filter(f -> f.key().equals(key)).findFirst();
    }
}
