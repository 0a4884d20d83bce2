package venue.core.model.section;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.List;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Tone;

/** The declared settings of one column apart from the others. */
public final class ColumnSettings {

    private static final List<Property> ALL = List.of(
            choice("ground", "Background", Tone.choicesAnd("none=The section's own", "colour=A colour…")),
            of("groundColour", "Colour", PropertyType.COLOUR)
                    .onlyWhen("ground=colour")
                    .help("The words keep the colours of the section's tone."),
            choice("padding", "Space inside", "medium=Medium", "none=None", "small=Small", "large=Large")
                    .onlyWhen("ground!=none"),
            choice("corners", "Corners", "sharp=Sharp", "soft=Soft", "rounded=Rounded")
                    .onlyWhen("ground!=none"));

    private ColumnSettings() {}

    public static List<Property> all() {
        return ALL;
    }
}
