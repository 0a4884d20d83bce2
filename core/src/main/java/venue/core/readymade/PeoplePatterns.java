package venue.core.readymade;

import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.group;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.image;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.list;
import static venue.core.readymade.Compose.part;
import static venue.core.readymade.Compose.quote;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;
import static venue.core.readymade.Patterns.cards;
import static venue.core.readymade.Patterns.centred;
import static venue.core.readymade.Patterns.large;
import static venue.core.readymade.Patterns.pattern;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.pattern.Pattern;
import venue.core.value.Value;

/** Patterns of people, voices, offers and partners. */
final class PeoplePatterns {

    private PeoplePatterns() {}

    static List<Pattern> all() {
        return Stream.of(people(), voices(), offers(), partners(), features())
                .flatMap(all -> all)
                .toList();
    }

    private static Stream<Pattern> people() {
        return Stream.of(
                pattern(
                        "ready-people",
                        "People",
                        "People",
                        section("s1", "People", heading(fill("Who is here for you")), people("round"))),
                pattern(
                        "ready-people-tiles",
                        "People in tiles",
                        "People",
                        toned(
                                "tinted",
                                section(
                                        "s1",
                                        "People",
                                        heading(fill("Who is here for you")),
                                        people("square")
                                                .with("tiles", Value.of(true))
                                                .with("contacts", "signs")))),
                pattern(
                        "ready-one-person",
                        "One person",
                        "People",
                        columns(
                                "s1",
                                "One person",
                                column(4, image(fill("A portrait")).with("shape", "round")),
                                column(
                                        8,
                                        heading(fill("Their name")),
                                        lead(fill("What they do here")),
                                        text(fill("What one should know of them"))))));
    }

    private static Stream<Pattern> voices() {
        return Stream.of(
                pattern(
                        "ready-three-voices",
                        "Three voices",
                        "Voices",
                        cards(columns("s1", "Three voices", voice("first"), voice("second"), voice("third")))),
                pattern(
                        "ready-large-voice",
                        "One voice, large",
                        "Voices",
                        centred(large(toned(
                                "deep",
                                section(
                                        "s1",
                                        "A voice",
                                        quote(fill("The sentence that stays"), fill("Who said it"))))))));
    }

    private static Stream<Pattern> offers() {
        return Stream.of(
                pattern(
                        "ready-offers",
                        "Offers and prices",
                        "Offers",
                        section(
                                "s1",
                                "Offers",
                                heading(fill("What can be had")),
                                part("offers").with("offers", list(offer(), offer(), offer())))),
                pattern(
                        "ready-one-offer",
                        "One offer",
                        "Offers",
                        toned(
                                "tinted",
                                columns(
                                        "s1",
                                        "One offer",
                                        column(
                                                7,
                                                heading(fill("What can be had")),
                                                text(fill("What it holds, in a paragraph"))),
                                        column(5, part("offers").with("offers", list(offer())))))),
                pattern(
                        "ready-price-table",
                        "Prices in a table",
                        "Offers",
                        section(
                                "s1",
                                "Prices",
                                heading(fill("What it costs")),
                                part("table").with("cells", fill("Paste the table of prices here")))));
    }

    private static Stream<Pattern> partners() {
        return Stream.of(pattern(
                "ready-partners",
                "Partners",
                "Partners",
                centred(section(
                        "s1",
                        "Partners",
                        heading(fill("Who helps")).with("size", "medium"),
                        part("logos")
                                .with(
                                        "logos",
                                        list(
                                                group("name", "The first…"),
                                                group("name", "The second…"),
                                                group("name", "The third…"),
                                                group("name", "The fourth…")))))));
    }

    private static Stream<Pattern> features() {
        return Stream.of(pattern(
                "ready-figures",
                "Figures",
                "Features",
                toned(
                        "deep",
                        section(
                                "s1",
                                "Figures",
                                part("figures").with("figures", list(figure(), figure(), figure(), figure()))))));
    }

    private static Compose.Part people(String crop) {
        return part("people")
                .with("crop", crop)
                .with("people", list(person("first"), person("second"), person("third")));
    }

    private static Map<String, Value> person(String which) {
        return group(
                "picture",
                "A portrait of the " + which + "…",
                "name",
                "The " + which + " name…",
                "role",
                "What they do…",
                "email",
                "Their e-mail…");
    }

    private static List<Object> voice(String which) {
        return column(4, quote(fill("What the " + which + " says"), fill("Who says it")));
    }

    private static Map<String, Value> offer() {
        return group(
                "name",
                "Name of the offer…",
                "price",
                "Its price…",
                "per",
                "for how long, or for whom…",
                "words",
                "What it holds…",
                "label",
                "How to get it…");
    }

    private static Map<String, Value> figure() {
        return group("figure", "A number…", "label", "what it counts…");
    }
}
