package venue.core.site;

import static venue.core.property.Property.of;
import static venue.core.property.PropertyType.LINES;
import static venue.core.property.PropertyType.WORDS;

import java.util.List;
import venue.core.property.Property;

/** The declared facts of a site: filled once, shown wherever an element is bound to one. */
public final class SiteFacts {

    private static final List<Property> ALL = List.of(
            of("tagline", "Tagline", WORDS),
            of("email", "E-mail", WORDS),
            of("phone", "Telephone", WORDS),
            of("postalAddress", "Postal address", LINES),
            of("hours", "Opening hours", LINES));

    private SiteFacts() {}

    public static List<Property> all() {
        return ALL;
    }
}
