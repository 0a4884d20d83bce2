package venue.core.readymade;

import static venue.core.property.Property.of;

import java.util.List;
import venue.core.kind.Kind;
import venue.core.property.PictureSlot;
import venue.core.property.Property;
import venue.core.property.PropertyType;
import venue.core.value.Value;

/** The kinds that every new site begins with, and the fields that listings know. */
final class ReadyKinds {

    private ReadyKinds() {}

    public static List<Kind> all() {
        return List.of(
                first("standard", "Standard page", "words, pictures, anything")
                        .withTemplates("plain", List.of("plain", "wide", "side-column")),
                first("landing-page", "Landing page", "one purpose, few ways out")
                        .withTemplates("landing", List.of("landing", "wide")));
    }

    private static Kind first(String id, String name, String note) {
        return Kind.named(id, name, note, List.of(summary(), picture())).with("offeredFirst", Value.of(true));
    }

    public static Property summary() {
        return of("summary", "Summary", PropertyType.LINES).help("Shown in listings, and when the page is shared.");
    }

    public static Property picture() {
        return of("picture", "Picture", PropertyType.PICTURE)
                .help("Shown in listings and behind the title.")
                .wants(PictureSlot.wide(1600, "16 : 9"));
    }

    public static Property date() {
        return of("date", "Date", PropertyType.DATE);
    }
}
