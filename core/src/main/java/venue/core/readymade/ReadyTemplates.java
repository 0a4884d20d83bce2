package venue.core.readymade;

import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.strongButton;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;

import java.util.List;
import java.util.Map;
import venue.core.section.Section;
import venue.core.template.Template;
import venue.core.template.Zone;
import venue.core.template.ZoneRole;
import venue.core.value.Value;

/** The templates that every new site begins with. */
public final class ReadyTemplates {

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

    private ReadyTemplates() {}

    public static List<Template> all() {
        return List.of(plain(), wide(), sideColumn(), landing());
    }

    /** Words under a title band. */
    public static Template plain() {
        return new Template("plain", "Plain", "Words under a title band", band("words"), List.of(main(starterText())));
    }

    private static Template wide() {
        return new Template(
                "wide",
                "Wide",
                "The page's picture behind its title",
                band("picture"),
                List.of(main(
                        starter(section("s1", "Lead", lead(fill("The page in one or two sentences")))),
                        starterText())));
    }

    private static Template sideColumn() {
        Zone side = side();
        return new Template(
                "side-column",
                "With side column",
                "Words, and a column beside them",
                band("words"),
                List.of(main(starterText()), side));
    }

    private static Template landing() {
        Section opening = toned(
                        "deep",
                        section(
                                "s1",
                                "Opening",
                                heading(fill("Say in a few words what this is")).with("size", "display"),
                                lead(fill("One sentence that makes somebody read on")),
                                strongButton(fill("What to do next"), "")))
                .with("space", Value.of("large"));
        Section reasons = columns(
                "s2",
                "Reasons",
                column(4, heading(fill("A first reason")), text(fill("Two sentences"))),
                column(4, heading(fill("A second reason")), text(fill("Two sentences"))),
                column(4, heading(fill("A third reason")), text(fill("Two sentences"))));
        Map<String, Value> frame =
                Map.of("band", Value.of("none"), "header", Value.of(false), "notice", Value.of(false));
        return new Template(
                "landing",
                "Landing",
                "One purpose, few ways out",
                frame,
                List.of(main(starter(opening), starter(reasons))));
    }

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

    private static Zone.Placed starterText() {
        return starter(section("s2", "Text", heading(fill("A heading")), text(fill("The text"))));
    }
}
