package venue.core.readymade;

import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.divider;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.group;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.image;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.list;
import static venue.core.readymade.Compose.listing;
import static venue.core.readymade.Compose.part;
import static venue.core.readymade.Compose.questionsToFill;
import static venue.core.readymade.Compose.quote;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.strongButton;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;
import static venue.core.readymade.Patterns.centred;
import static venue.core.readymade.Patterns.large;
import static venue.core.readymade.Patterns.pattern;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import venue.core.pattern.Pattern;
import venue.core.section.Section;
import venue.core.value.Value;

/** Whole pages of sections, to begin with and fill in. */
final class WholePages {

    private WholePages() {}

    /** @param latest the id of the kind that pages list as news */
    static List<Pattern> all(String latest) {
        return List.of(landing(latest), invitation(), longOffer(), contact(), gallery(), help());
    }

    private static Section opening(String what) {
        return large(toned(
                "deep",
                section(
                        "s1",
                        "Opening",
                        heading(fill(what)).with("size", "display"),
                        lead(fill("One sentence that makes somebody read on")),
                        strongButton(fill("What to do next"), ""))));
    }

    private static Section call(String id, String what) {
        return centred(toned("accent", section(id, "Call", heading(fill(what)), strongButton(fill("What to do"), ""))));
    }

    private static Pattern landing(String latest) {
        return pattern(
                "ready-landing-page",
                "Landing, a whole page",
                "Whole pages",
                opening("Say in a few words what this is"),
                columns("s2", "Three reasons", reason("first"), reason("second"), reason("third")),
                toned("tinted", section("s3", "A voice", quote(fill("What somebody says of it"), fill("Who says it")))),
                section("s4", "Latest", heading("Latest"), listing(latest, "all", "newest", 3, "cards")),
                call("s5", "Ask for one thing"));
    }

    private static List<Object> reason(String which) {
        return column(
                4,
                divider("short"),
                heading(fill("The " + which + " reason")).with("size", "medium"),
                text(fill("Two sentences about it")));
    }

    private static Pattern invitation() {
        return pattern(
                "ready-invitation-page",
                "Invitation, a whole page",
                "Whole pages",
                centred(large(toned(
                        "accent",
                        section(
                                "s1",
                                "Opening",
                                heading(fill("What people are invited to")).with("size", "display"),
                                part("countdown")
                                        .with("until", fill("When it begins"))
                                        .with("words", fill("What the days are counted to")))))),
                columns(
                        "s2",
                        "What, when, where",
                        column(6, heading(fill("What happens")), text(fill("The evening in a paragraph"))),
                        column(
                                6,
                                part("place")
                                        .with("name", fill("Where it is"))
                                        .with("words", fill("How to get there")))),
                section("s3", "The evening", heading(fill("How it goes")), PlacePatterns.steps("across")),
                toned("tinted", section("s4", "Questions", heading("Questions people ask"), questionsToFill(3))),
                call("s5", "How to say yes"));
    }

    private static Pattern longOffer() {
        return pattern(
                "ready-offer-page",
                "Long offer, a whole page",
                "Whole pages",
                opening("What you offer, in one line"),
                columns(
                        "s2",
                        "The trouble",
                        column(6, heading(fill("What is hard today")), text(fill("In two paragraphs"))),
                        column(6, image(fill("A picture of it")).with("shape", "classic"))),
                section("s3", "How it goes", heading(fill("How it goes")), PlacePatterns.steps("down")),
                toned("tinted", section("s4", "A voice", quote(fill("What somebody says of it"), fill("Who says it")))),
                section(
                        "s5",
                        "Offers",
                        heading(fill("What it costs")),
                        part("offers")
                                .with(
                                        "offers",
                                        list(
                                                group("name", "The small one…", "price", "Its price…"),
                                                group("name", "The large one…", "price", "Its price…")))),
                section("s6", "Questions", heading("Questions people ask"), questionsToFill(5)),
                call("s7", "Ask for one thing"));
    }

    private static Pattern contact() {
        return pattern(
                "ready-contact-page",
                "Contact, a whole page",
                "Whole pages",
                section("s1", "Lead", lead(fill("How best to reach you, in one sentence"))),
                columns(
                        "s2",
                        "Contact",
                        column(6, heading("Write or ring"), part("contact")),
                        column(6, heading("Open"), part("hours"))),
                section(
                        "s3",
                        "Where to find us",
                        part("place").with("name", fill("Name of the place")).with("words", fill("How to get there"))),
                toned("tinted", section("s4", "Questions", heading("Before you write"), questionsToFill(3))));
    }

    private static Pattern gallery() {
        return pattern(
                "ready-gallery-page",
                "Gallery, a whole page",
                "Whole pages",
                section("s1", "Lead", lead(fill("What the pictures show, in one sentence"))),
                section("s2", "Pictures", pictures("mosaic", 5)),
                toned("tinted", section("s3", "More pictures", heading(fill("More of them")), pictures("grid", 6))),
                section("s4", "Who took them", text(fill("Who took the pictures, and how they may be used"))));
    }

    private static Compose.Part pictures(String shape, int count) {
        List<Map<String, Value>> groups = IntStream.rangeClosed(1, count)
                .mapToObj(i -> group("picture", "Picture " + i + "…"))
                .toList();
        return part("pictures").with("shape", shape).with("pictures", new Value.Many(groups));
    }

    private static Pattern help() {
        return pattern(
                "ready-help-page",
                "Help, a whole page",
                "Whole pages",
                section("s1", "Lead", lead(fill("What this page helps with, in one sentence"))),
                columns(
                        "s2",
                        "Contents and first steps",
                        column(3, part("contents")),
                        column(9, heading(fill("The first thing people ask")), text(fill("The answer")))),
                section("s3", "Step by step", heading(fill("How to do it")), PlacePatterns.steps("down")),
                section("s4", "Questions", heading("Questions people ask"), questionsToFill(6)),
                toned(
                        "tinted",
                        section(
                                "s5",
                                "Still stuck",
                                heading("Still stuck"),
                                text(fill("Whom to ask, and when they answer")),
                                part("contact"))));
    }
}
