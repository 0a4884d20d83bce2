package venue.core.readymade;

import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.text;

import java.util.List;
import java.util.Map;
import venue.core.section.Section;
import venue.core.template.Template;
import venue.core.template.Zone;
import venue.core.template.ZoneRole;
import venue.core.value.Value;

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

    static Template of(String id, String name, String note, String band, Zone... zones) {
        return new Template(id, name, note, band(band), List.of(zones));
    }

    /** A frame with this kind of title band. */
    public static Map<String, Value> band(String band) {
        return Map.of("band", Value.of(band));
    }

    public static Zone main(Zone.Placed... sections) {
        return new Zone("main", "Main", ZoneRole.MAIN, List.of(sections));
    }

    static Zone sideLeft(Zone.Placed... sections) {
        return new Zone("side-left", "Left column", ZoneRole.LEFT, NARROW, List.of(sections));
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

    static Zone.Placed starterText() {
        return starter(section("s2", "Text", heading(fill("A heading")), text(fill("The text"))));
    }
}
