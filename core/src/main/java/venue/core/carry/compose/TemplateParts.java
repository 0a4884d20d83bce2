package venue.core.carry.compose;

import static venue.core.carry.compose.Compose.section;

import java.util.List;
import java.util.Map;
import venue.core.basics.value.Value;
import venue.core.model.section.Section;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/** What templates are written down in: zones, and the sections that begin or stand in them. */
public final class TemplateParts {

    private static final List<String> NARROW = List.of(
            "heading",
            "text",
            "image",
            "buttons",
            "links",
            "quote",
            "questions",
            "documents",
            "notice",
            "countdown",
            "listing",
            "contents",
            "facts",
            "contact",
            "hours",
            "social",
            "place",
            "divider",
            "space");

    private TemplateParts() {}

    /** A frame with this kind of title band. */
    public static Map<String, Value> band(String band) {
        return Map.of("band", Value.of(band));
    }

    public static Zone main(Zone.Placed... sections) {
        return new Zone("main", "Main", ZoneRole.MAIN, List.of(sections));
    }

    /** A column beside the main zone: narrow, so it takes what reads well there. */
    public static Zone side(Zone.Placed... sections) {
        return new Zone("side", "Side column", ZoneRole.RIGHT, NARROW, List.of(sections));
    }

    public static Zone foot(Zone.Placed... sections) {
        return new Zone("foot", "Above the footer", ZoneRole.FOOT, List.of(sections));
    }

    public static Zone.Placed starter(Section section) {
        return new Zone.Placed(section, false);
    }

    public static Zone.Placed fixed(Section section) {
        return new Zone.Placed(section, true);
    }
}
