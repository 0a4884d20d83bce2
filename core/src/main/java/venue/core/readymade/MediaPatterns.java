package venue.core.readymade;

import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.group;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.list;
import static venue.core.readymade.Compose.part;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.strongButton;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;
import static venue.core.readymade.Patterns.centred;
import static venue.core.readymade.Patterns.large;
import static venue.core.readymade.Patterns.pattern;
import static venue.core.readymade.Patterns.with;

import java.util.List;
import java.util.stream.Stream;
import venue.core.pattern.Pattern;

/** Patterns of pictures, films and moments. */
final class MediaPatterns {

    private MediaPatterns() {}

    static List<Pattern> all() {
        return Stream.of(openings(), openingsPatterns(), pictures())
                .flatMap(all -> all)
                .toList();
    }

    private static Stream<Pattern> openings() {
        return Stream.of(pattern(
                "ready-opening-texture",
                "Opening on a texture",
                "Openings",
                with(
                        with(
                                large(toned(
                                        "deep",
                                        section(
                                                "s1",
                                                "Opening",
                                                heading(fill("Say in a few words what this is"))
                                                        .with("size", "display"),
                                                lead(fill("One sentence that makes somebody read on")),
                                                strongButton(fill("What to do next"), "")))),
                                "back",
                                "texture"),
                        "height",
                        "half")));
    }

    private static Stream<Pattern> openingsPatterns() {
        return Stream.of(
                pattern(
                        "ready-opening-film",
                        "Opening with a film",
                        "Openings",
                        toned(
                                "deep",
                                columns(
                                        "s1",
                                        "Opening",
                                        column(
                                                5,
                                                heading(fill("Say in a few words what this is"))
                                                        .with("size", "display"),
                                                lead(fill("One sentence that makes somebody press play"))),
                                        column(
                                                7,
                                                part("film")
                                                        .with("file", fill("A film of a minute or less"))
                                                        .with("caption", fill("What is seen in it")))))),
                pattern(
                        "ready-opening-countdown",
                        "Opening with a countdown",
                        "Openings",
                        centred(toned(
                                "accent",
                                section(
                                        "s1",
                                        "Opening",
                                        heading(fill("What is coming")).with("size", "display"),
                                        part("countdown")
                                                .with("until", fill("When it begins"))
                                                .with("words", fill("What the days are counted to")),
                                        strongButton(fill("How to be there"), ""))))));
    }

    private static Stream<Pattern> pictures() {
        return Stream.of(
                pattern(
                        "ready-picture-grid",
                        "Pictures in a grid",
                        "Pictures",
                        section("s1", "Pictures", heading(fill("What the pictures show")), pictures("grid"))),
                pattern(
                        "ready-picture-mosaic",
                        "Pictures as a mosaic",
                        "Pictures",
                        section("s1", "Pictures", pictures("mosaic"))),
                pattern(
                        "ready-picture-strip",
                        "Pictures in a strip",
                        "Pictures",
                        toned(
                                "tinted",
                                section("s1", "Pictures", heading(fill("A day in pictures")), pictures("strip")))),
                pattern(
                        "ready-film-words",
                        "Film and words",
                        "Pictures",
                        columns(
                                "s1",
                                "Film and words",
                                column(7, part("film").with("file", fill("A film"))),
                                column(
                                        5,
                                        heading(fill("What it is about")),
                                        text(fill("Two sentences about the film"))))));
    }

    private static Compose.Part pictures(String shape) {
        return part("pictures")
                .with("shape", shape)
                .with(
                        "pictures",
                        list(
                                group("picture", "The first picture…"),
                                group("picture", "The second picture…"),
                                group("picture", "The third picture…"),
                                group("picture", "The fourth picture…")));
    }
}
