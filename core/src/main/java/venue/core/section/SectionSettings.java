package venue.core.section;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.number;
import static venue.core.property.Property.of;

import java.util.List;
import venue.core.property.Property;
import venue.core.property.PropertyType;

/** The declared settings of a section. */
public final class SectionSettings {

    private static final List<Property> ALL = List.of(
            choice("tone", "Tone", "plain=Plain", "tinted=Tinted", "deep=Deep", "accent=Accent"),
            choice("space", "Space inside", "medium=Medium", "none=None", "small=Small", "large=Large"),
            choice("align", "Alignment", "start=At the left", "centre=Centred"),
            choice("height", "Height", "content=By content", "half=Half a screen", "full=A full screen"),
            choice("width", "Width", "page=Page width", "full=Edge to edge"),
            choice("tiles", "Columns as", "open=Open columns", "cards=Cards"),
            of("picture", "Picture behind", PropertyType.PICTURE),
            number("veil", "Veil over the picture", 0, 90, 50, "%")
                    .help("How much of the tone's colour lies over the picture."),
            of("shownFrom", "Shown from", PropertyType.DATE_TIME),
            of("shownUntil", "Shown until", PropertyType.DATE_TIME),
            of("anchor", "Anchor", PropertyType.WORDS).help("A link can lead here: /page#anchor"));

    private SectionSettings() {}

    public static List<Property> all() {
        return ALL;
    }
}
