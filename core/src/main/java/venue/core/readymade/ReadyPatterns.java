package venue.core.readymade;

import static venue.core.readymade.Compose.bound;
import static venue.core.readymade.Compose.button;
import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.divider;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.image;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.listing;
import static venue.core.readymade.Compose.questionsToFill;
import static venue.core.readymade.Compose.quote;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.strongButton;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;
import static venue.core.readymade.Patterns.centred;
import static venue.core.readymade.Patterns.large;
import static venue.core.readymade.Patterns.pattern;

import java.util.ArrayList;
import java.util.List;
import venue.core.pattern.Pattern;

/** The patterns that every new site begins with, grouped by purpose; words in them say what to write. */
final class ReadyPatterns {

    private ReadyPatterns() {}

    /** @param latest the id of the kind that the pattern "Latest" lists */
    public static List<Pattern> all(String latest) {
        List<Pattern> all = new ArrayList<>();
        all.addAll(openings());
        all.addAll(features());
        all.addAll(voicesAndQuestions());
        all.addAll(picturesAndSteps());
        all.addAll(endings(latest));
        all.addAll(MediaPatterns.all());
        all.addAll(PeoplePatterns.all());
        all.addAll(PlacePatterns.all());
        all.add(about());
        all.addAll(WholePages.all(latest));
        return all;
    }

    private static List<Pattern> openings() {
        return List.of(
                pattern(
                        "opening-words",
                        "Opening, words alone",
                        "Openings",
                        large(toned(
                                "tinted",
                                section(
                                        "s1",
                                        "Opening",
                                        heading(fill("Say in a few words what this is"))
                                                .with("size", "display"),
                                        lead(fill("One sentence that makes somebody read on")),
                                        strongButton(fill("What to do next"), ""))))),
                pattern(
                        "opening-picture",
                        "Opening, words over picture",
                        "Openings",
                        large(toned(
                                "deep",
                                columns(
                                        "s1",
                                        "Opening",
                                        column(
                                                8,
                                                heading(fill("Say in a few words what this is"))
                                                        .with("size", "display"),
                                                lead(fill("One sentence that makes somebody read on")),
                                                strongButton(fill("What to do next"), "")),
                                        column(
                                                4,
                                                image(fill("A picture that sets the mood"))
                                                        .with("shape", "square")))))),
                pattern(
                        "lead",
                        "Lead",
                        "Openings",
                        section("s1", "Lead", lead(fill("The page in one or two sentences")))));
    }

    private static List<Pattern> features() {
        return List.of(
                pattern(
                        "three-features",
                        "Three features",
                        "Features",
                        columns(
                                "s1",
                                "Three features",
                                feature(4, "first"),
                                feature(4, "second"),
                                feature(4, "third"))),
                pattern(
                        "two-features",
                        "Two features",
                        "Features",
                        columns("s1", "Two features", feature(6, "first"), feature(6, "second"))),
                pattern(
                        "picture-words",
                        "Picture and words",
                        "Features",
                        columns(
                                "s1",
                                "Picture and words",
                                column(6, image(fill("A picture of it")).with("shape", "classic")),
                                column(
                                        6,
                                        heading(fill("Name it")),
                                        text(fill("What there is to know, in a short paragraph or two")),
                                        button(fill("Where to read more"), "")))),
                pattern(
                        "plain-text",
                        "Heading and text",
                        "Features",
                        section("s1", "Text", heading(fill("A heading")), text(fill("The text")))));
    }

    private static List<Object> feature(int span, String which) {
        return column(
                span,
                divider("short"),
                heading(fill("Name the " + which + " thing")).with("size", "medium"),
                text(fill("Two sentences about it")));
    }

    private static List<Pattern> voicesAndQuestions() {
        return List.of(
                pattern(
                        "one-voice",
                        "One voice",
                        "Voices",
                        toned(
                                "tinted",
                                section(
                                        "s1",
                                        "A voice",
                                        quote(fill("What somebody said, in their words"), fill("Who said it"))))),
                pattern(
                        "two-voices",
                        "Two voices",
                        "Voices",
                        columns(
                                "s1",
                                "Two voices",
                                column(6, quote(fill("What somebody said, in their words"), fill("Who said it"))),
                                column(6, quote(fill("What somebody else said"), fill("Who said it"))))),
                pattern(
                        "questions",
                        "Questions, folded",
                        "Questions",
                        columns(
                                "s1",
                                "Questions",
                                column(4, heading("Questions people ask")),
                                column(8, questionsToFill(4)))),
                pattern(
                        "questions-compact",
                        "Questions, compact",
                        "Questions",
                        section(
                                "s1",
                                "Questions",
                                heading("Questions people ask"),
                                questionsToFill(6).with("shape", "grid"))));
    }

    private static List<Pattern> picturesAndSteps() {
        return List.of(
                pattern(
                        "wide-picture",
                        "One wide picture",
                        "Pictures",
                        section(
                                "s1",
                                "Picture",
                                image(fill("A wide picture"))
                                        .with("shape", "wide")
                                        .with("caption", fill("What it shows")))),
                pattern(
                        "three-pictures",
                        "Three pictures",
                        "Pictures",
                        columns("s1", "Three pictures", picture("first"), picture("second"), picture("third"))),
                pattern(
                        "three-steps",
                        "Three steps",
                        "Steps",
                        toned("tinted", columns("s1", "Steps", step("1"), step("2"), step("3")))),
                pattern(
                        "checklist",
                        "Checklist",
                        "Steps",
                        toned(
                                "deep",
                                columns(
                                        "s1",
                                        "What to bring",
                                        column(4, heading("What to bring")),
                                        column(4, text(fill("The first things, as a list"))),
                                        column(4, text(fill("The other things, as a list")))))));
    }

    private static List<Object> picture(String which) {
        return column(4, image(fill("The " + which + " picture")).with("shape", "square"));
    }

    private static List<Object> step(String number) {
        return column(4, heading(number + ".").with("size", "large"), text(fill("What happens in step " + number)));
    }

    private static List<Pattern> endings(String latest) {
        return List.of(
                pattern(
                        "call",
                        "Call to act",
                        "Calls to act",
                        centred(toned(
                                "accent",
                                section(
                                        "s1",
                                        "Call",
                                        heading(fill("Ask for one thing")),
                                        strongButton(fill("What to do"), ""))))),
                pattern(
                        "contact",
                        "Contact and hours",
                        "Contact and place",
                        columns(
                                "s1",
                                "Contact",
                                column(
                                        4,
                                        heading("Write or ring"),
                                        text(bound("site.email")),
                                        text(bound("site.phone"))),
                                column(4, heading("Find us"), text(bound("site.postalAddress"))),
                                column(4, heading("Open"), text(bound("site.hours"))))),
                pattern(
                        "latest",
                        "Latest",
                        "Latest",
                        section("s1", "Latest", heading("Latest"), listing(latest, "all", "newest", 3, "cards"))));
    }

    private static Pattern about() {
        return pattern(
                "about-page",
                "About, a whole page",
                "Whole pages",
                section("s1", "Lead", lead(fill("Who you are, in one sentence"))),
                columns(
                        "s2",
                        "How it began",
                        column(6, heading("How it began"), text(fill("The story, in two paragraphs"))),
                        column(6, image(fill("A picture from the beginning")).with("shape", "classic"))),
                toned(
                        "tinted",
                        section("s3", "A voice", quote(fill("What somebody says of you"), fill("Who says it")))),
                toned(
                        "deep",
                        section("s4", "Call", heading(fill("What visitors can do")), strongButton(fill("How"), ""))));
    }
}
