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
import static venue.core.readymade.TemplateParts.foot;
import static venue.core.readymade.TemplateParts.main;
import static venue.core.readymade.TemplateParts.of;
import static venue.core.readymade.TemplateParts.side;
import static venue.core.readymade.TemplateParts.sideLeft;
import static venue.core.readymade.TemplateParts.starter;
import static venue.core.readymade.TemplateParts.starterText;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.section.Section;
import venue.core.template.Template;
import venue.core.value.Value;

/** The templates that every new site begins with. */
final class ReadyTemplates {

    private ReadyTemplates() {}

    public static List<Template> all() {
        return Stream.of(columned(), Stream.of(open(), bare(), wide(), home(), landing()), PurposeTemplates.all())
                .flatMap(all -> all)
                .toList();
    }

    private static Stream<Template> columned() {
        return Stream.of(
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
                        side()));
    }

    private static Template wide() {
        return of(
                "wide",
                "Wide picture",
                "The page's picture behind its title",
                "picture",
                main(starter(section("s1", "Lead", lead(fill("The page in one or two sentences")))), starterText()));
    }

    /** Words under a title band. */
    public static Template plain() {
        return of("plain", "Plain", "Words under a title band", "words", main(starterText()));
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
}
