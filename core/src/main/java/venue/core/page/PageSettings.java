package venue.core.page;

import static venue.core.property.Property.of;
import static venue.core.property.PropertyType.LINES;
import static venue.core.property.PropertyType.PICTURE;
import static venue.core.property.PropertyType.WORDS;
import static venue.core.property.PropertyType.YES_NO;

import java.util.List;
import venue.core.property.Property;
import venue.core.value.Value;

/** The declared settings that every page has, whatever its kind. */
public final class PageSettings {

    private static final List<Property> ALL = List.of(
            of("searchTitle", "Search title", WORDS).help("Shown by search engines. About 60 letters fit."),
            of("searchDescription", "Search description", LINES)
                    .help("What somebody searching should know, in 150 letters."),
            of("shareImage", "Picture when shared", PICTURE),
            of("keepOut", "Keep out of search engines", YES_NO).fallback(Value.of(false)),
            of("menuLabel", "Label in menus", WORDS).help("Instead of the title, where space is short."));

    private PageSettings() {}

    public static List<Property> all() {
        return ALL;
    }
}
