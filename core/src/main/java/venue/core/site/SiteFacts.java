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
            of("hours", "Opening hours", LINES).help("One day on each line: Monday: 10 to 17"),
            of("social", "Elsewhere", LINES).help("One on each line: a name, then an address."),
            of("frameHosts", "Hosts that may be shown within pages", LINES)
                    .help("One host name on each line. Visitors are asked before anything is fetched from them."));

    private SiteFacts() {}

    public static List<Property> all() {
        return ALL;
    }
}
