package venue.core.model.property;

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

    private UsualFields() {}
}
