package venue.core.model.section;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;

import java.util.List;
import venue.core.model.property.Property;

/** How a section, or an element alone, comes into view: declared alike for both. */
public final class Reveal {

    private static final List<Property> DECLARED = List.of(
            choice(
                            "reveal",
                            "Reveal",
                            "none=At once",
                            "fade=Fade in",
                            "rise=Rise",
                            "left=From the left",
                            "right=From the right")
                    .help("Visitors who ask for less motion see it at once."),
            number("delayMs", "Waits for", 0, 3000, 0, "ms").onlyWhen("reveal!=none"),
            number("durationMs", "Takes", 100, 3000, 600, "ms").onlyWhen("reveal!=none"));

    private Reveal() {}

    public static List<Property> declared() {
        return DECLARED;
    }
}
