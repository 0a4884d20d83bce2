package venue.core.readymade;

import static venue.core.readymade.Compose.button;
import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.group;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.image;
import static venue.core.readymade.Compose.list;
import static venue.core.readymade.Compose.part;
import static venue.core.readymade.Compose.questionsToFill;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;
import static venue.core.readymade.Patterns.cards;
import static venue.core.readymade.Patterns.pattern;
import static venue.core.readymade.Patterns.with;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.pattern.Pattern;
import venue.core.value.Value;

/** Patterns of features in rows, steps, questions, calls, documents, contact and place. */
final class PlacePatterns {

    private PlacePatterns() {}

    static List<Pattern> all() {
        return Stream.of(
                        features(),
                        steps(),
                        questions(),
                        callsToAct(),
                        contactAndPlace(),
                        documents(),
                        featuresPatterns())
                .flatMap(all -> all)
                .toList();
    }

    private static Stream<Pattern> features() {
        return Stream.of(
                pattern(
                        "ready-four-features",
                        "Four features",
                        "Features",
                        columns("s1", "Four features", feature(3), feature(3), feature(3), feature(3))),
                pattern(
                        "ready-feature-cards",
                        "Features as cards",
                        "Features",
                        cards(toned("tinted", columns("s1", "Features", card(), card(), card())))),
                pattern(
                        "ready-words-picture",
                        "Words and picture",
                        "Features",
                        with(
                                columns(
                                        "s1",
                                        "Words and picture",
                                        column(
                                                6,
                                                heading(fill("Name it")),
                                                text(fill("What there is to know, in a short paragraph or two")),
                                                button(fill("Where to read more"), "")),
                                        column(6, image(fill("A picture of it")).with("shape", "classic"))),
                                "stacks",
                                "reversed")));
    }

    private static Stream<Pattern> steps() {
        return Stream.of(
                pattern(
                        "ready-steps-across",
                        "Steps side by side",
                        "Steps",
                        section("s1", "Steps", heading(fill("How it goes")), steps("across"))),
                pattern(
                        "ready-steps-down",
                        "Steps one beneath another",
                        "Steps",
                        columns(
                                "s1",
                                "Steps",
                                column(4, heading(fill("How it goes")), text(fill("What one should know before"))),
                                column(8, steps("down")))),
                pattern(
                        "ready-timeline",
                        "Timeline",
                        "Steps",
                        section(
                                "s1",
                                "Timeline",
                                heading(fill("What happened when")),
                                part("timeline").with("moments", list(moment(), moment(), moment())))));
    }

    private static Stream<Pattern> questions() {
        return Stream.of(pattern(
                "ready-questions-notice",
                "Questions and a hint",
                "Questions",
                columns(
                        "s1",
                        "Questions",
                        column(8, heading(fill("What people ask")), questionsToFill(4)),
                        column(
                                4,
                                part("notice")
                                        .with("title", fill("What else helps"))
                                        .with("words", fill("Whom to ask, and when"))))));
    }

    private static Stream<Pattern> callsToAct() {
        return Stream.of(
                pattern(
                        "ready-call-two-ways",
                        "Call with two ways",
                        "Calls to act",
                        toned(
                                "deep",
                                columns(
                                        "s1",
                                        "Call",
                                        column(8, heading(fill("Ask for one thing")), text(fill("Why it matters"))),
                                        column(
                                                4,
                                                part("buttons")
                                                        .with(
                                                                "buttons",
                                                                list(
                                                                        group(
                                                                                "label",
                                                                                "What to do…",
                                                                                "weight",
                                                                                "strong"),
                                                                        group("label", "What else to do…"))))))),
                pattern(
                        "ready-notice",
                        "Notice",
                        "Calls to act",
                        section(
                                "s1",
                                "Notice",
                                part("notice")
                                        .with("title", fill("What is new"))
                                        .with("words", fill("In one sentence")))));
    }

    private static Stream<Pattern> contactAndPlace() {
        return Stream.of(
                pattern(
                        "ready-find-us",
                        "Where to find us",
                        "Contact and place",
                        section(
                                "s1",
                                "Where to find us",
                                heading(fill("How to get here")),
                                part("place")
                                        .with("name", fill("Name of the place"))
                                        .with("words", fill("How to get there by bus, on foot, by car")))),
                pattern(
                        "ready-contact-hours",
                        "Contact beside hours",
                        "Contact and place",
                        toned(
                                "tinted",
                                columns(
                                        "s1",
                                        "Contact",
                                        column(4, heading("Write or ring"), part("contact")),
                                        column(4, heading("Open"), part("hours")),
                                        column(4, heading("Follow"), part("social"))))));
    }

    private static Stream<Pattern> documents() {
        return Stream.of(pattern(
                "ready-documents",
                "Documents",
                "Documents",
                section(
                        "s1",
                        "Documents",
                        heading(fill("What there is to take along")),
                        part("documents")
                                .with(
                                        "files",
                                        list(group("file", "The first file…"), group("file", "The second file…"))))));
    }

    private static Stream<Pattern> featuresPatterns() {
        return Stream.of(pattern(
                "ready-contents-words",
                "Contents beside text",
                "Features",
                columns(
                        "s1",
                        "Contents and text",
                        column(3, part("contents")),
                        column(9, heading(fill("A heading")), text(fill("The text"))))));
    }

    private static List<Object> feature(int span) {
        return column(span, heading(fill("Name it")).with("size", "medium"), text(fill("One sentence about it")));
    }

    private static List<Object> card() {
        return column(
                4,
                image(fill("A picture of it")).with("shape", "wide"),
                heading(fill("Name it")).with("size", "medium"),
                text(fill("Two sentences about it")),
                button(fill("Where to read more"), ""));
    }

    static Compose.Part steps(String shape) {
        return part("steps").with("shape", shape).with("steps", list(step("first"), step("second"), step("third")));
    }

    private static Map<String, Value> step(String which) {
        return group("name", "The " + which + " step…", "words", "What happens then…");
    }

    private static Map<String, Value> moment() {
        return group("when", "When…", "name", "What happened…", "words", "In a sentence or two…");
    }
}
