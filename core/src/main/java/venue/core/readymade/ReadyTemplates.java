package venue.core.readymade;

import static venue.core.readymade.Compose.bound;
import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.facts;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.image;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.list;
import static venue.core.readymade.Compose.part;
import static venue.core.readymade.Compose.questionsToFill;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.strongButton;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;

import java.util.List;
import java.util.Map;
import venue.core.readymade.Compose.Part;
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
        return List.of(
                plain(),
                of(
                        "side-column",
                        "With side column",
                        "Words, and a column at their right",
                        "words",
                        main(starterText()),
                        side()),
                of(
                        "side-left",
                        "With side column at the left",
                        "A column, then the words",
                        "words",
                        sideLeft(),
                        main(starterText())),
                of(
                        "both-sides",
                        "Both sides",
                        "Words between two columns",
                        "words",
                        sideLeft(),
                        main(starterText()),
                        side()),
                open(),
                bare(),
                of(
                        "wide",
                        "Wide picture",
                        "The page's picture behind its title",
                        "picture",
                        main(
                                starter(section("s1", "Lead", lead(fill("The page in one or two sentences")))),
                                starterText())),
                home(),
                landing(),
                article(),
                listing(),
                person(),
                entry(),
                documents(),
                contact(),
                help(),
                notFound());
    }

    /** Words under a title band. */
    public static Template plain() {
        return of("plain", "Plain", "Words under a title band", "words", main(starterText()));
    }

    private static Template of(String id, String name, String note, String band, Zone... zones) {
        return new Template(id, name, note, band(band), List.of(zones));
    }

    private static Template open() {
        return of(
                "open",
                "Wide",
                "From edge to edge, without a title band",
                "none",
                main(
                        starter(edgeToEdge(toned(
                                "tinted",
                                section(
                                        "s1",
                                        "Opening",
                                        heading(fill("A heading")).with("size", "display"),
                                        lead(fill("The page in one or two sentences")))))),
                        starter(edgeToEdge(section("s2", "Text", text(fill("The text")))))));
    }

    private static Section edgeToEdge(Section section) {
        return section.with("width", Value.of("full"));
    }

    private static Template bare() {
        Map<String, Value> frame = Map.of(
                "band", Value.of("none"),
                "header", Value.of(false),
                "notice", Value.of(false),
                "footer", Value.of(false));
        return new Template("bare", "Bare", "Nothing around its sections", frame, List.of(main()));
    }

    private static Template home() {
        return of(
                "home-layout",
                "Home",
                "An opening, then three ways on",
                "none",
                main(starter(opening()), starter(columns("s2", "Ways on", way("first"), way("second"), way("third")))),
                foot());
    }

    private static List<Object> way(String which) {
        return column(
                4,
                heading(fill("The " + which + " thing people come for")),
                text(fill("A sentence about it")),
                strongButton(fill("Where it is"), ""));
    }

    private static Section opening() {
        return toned(
                        "deep",
                        section(
                                "s1",
                                "Opening",
                                heading(fill("Say in a few words what this is")).with("size", "display"),
                                lead(fill("One sentence that makes somebody read on")),
                                strongButton(fill("What to do next"), "")))
                .with("space", Value.of("large"));
    }

    private static Template landing() {
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
                List.of(main(starter(opening()), starter(reasons))));
    }

    private static Template article() {
        return of(
                "article-layout",
                "Article",
                "Words with their date and picture beside them",
                "words",
                main(starter(
                        section("s1", "Words", lead(fill("What happened, in one sentence")), text(fill("The story"))))),
                side(fixed(section("f1", "Facts", pictureOfPage(), facts()))));
    }

    private static Part pictureOfPage() {
        return image(bound("page.picture")).with("shape", "classic");
    }

    private static Template listing() {
        return of(
                "listing-layout",
                "Listing",
                "A lead, then pages of one kind",
                "words",
                main(
                        starter(section("s1", "Lead", lead(fill("What is listed here")))),
                        starter(section("s2", "List", Compose.listing("standard", "all", "title", 12, "cards")))));
    }

    private static Template person() {
        return of(
                "person-layout",
                "Person",
                "A portrait and facts, then their story",
                "words",
                new Zone(
                        "top",
                        "Portrait and facts",
                        ZoneRole.TOP,
                        List.of(fixed(columns(
                                "f1",
                                "Portrait and facts",
                                column(4, image(bound("page.picture")).with("shape", "round")),
                                column(8, lead(bound("page.summary")), facts()))))),
                main(starter(section("s1", "Story", text(fill("What they do here, and how they came to it"))))));
    }

    private static Template entry() {
        return of(
                "entry-layout",
                "Entry with pictures",
                "Facts beside a large picture, then more pictures",
                "none",
                new Zone(
                        "top",
                        "Picture and facts",
                        ZoneRole.TOP,
                        List.of(fixed(columns(
                                "f1",
                                "Picture and facts",
                                column(8, pictureOfPage()),
                                column(4, heading(bound("page.title")), lead(bound("page.summary")), facts()))))),
                main(
                        starter(section("s1", "About it", text(fill("What is worth knowing about it")))),
                        starter(section(
                                "s2",
                                "Pictures",
                                part("pictures")
                                        .with(
                                                "pictures",
                                                list(
                                                        Map.of("picture", fill("A picture")),
                                                        Map.of("picture", fill("Another"))))))));
    }

    private static Template documents() {
        return of(
                "documents-layout",
                "Documents",
                "What they are, then the files of a folder",
                "words",
                sideLeft(fixed(section("f1", "On this page", part("contents")))),
                main(
                        starter(section("s1", "Lead", lead(fill("What these documents are, and for whom")))),
                        starter(section("s2", "Documents", heading(fill("A heading")), part("documents")))));
    }

    private static Template contact() {
        return of(
                "contact-layout",
                "Contact",
                "How to reach you, beside the words",
                "words",
                main(starter(columns(
                        "s1",
                        "How to reach us",
                        column(
                                7,
                                lead(fill("Whom people reach, and when they hear back")),
                                text(fill("More about it"))),
                        column(5, part("contact"), part("hours"), part("social"))))));
    }

    private static Template help() {
        return of(
                "help-layout",
                "Help",
                "Questions and answers, and where to ask",
                "words",
                main(
                        starter(section("s1", "Lead", lead(fill("What people find answered here")))),
                        starter(section("s2", "Questions", questionsToFill(4)))),
                foot(fixed(toned(
                        "tinted",
                        columns(
                                "f1",
                                "Still asking",
                                column(7, heading("Not answered here?")),
                                column(5, part("contact")))))));
    }

    private static Template notFound() {
        return of(
                Template.NOT_FOUND,
                "Not found",
                "What visitors get where there is no page",
                "words",
                main(),
                foot(fixed(section("f1", "A way on", strongButton(Value.of("To the front page"), "/")))));
    }

    /** A frame with this kind of title band. */
    public static Map<String, Value> band(String band) {
        return Map.of("band", Value.of(band));
    }

    public static Zone main(Zone.Placed... sections) {
        return new Zone("main", "Main", ZoneRole.MAIN, List.of(sections));
    }

    private static Zone sideLeft(Zone.Placed... sections) {
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

    private static Zone.Placed starterText() {
        return starter(section("s2", "Text", heading(fill("A heading")), text(fill("The text"))));
    }
}
