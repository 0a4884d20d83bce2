package venue.demo;

import static venue.core.carry.compose.Compose.button;
import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.group;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.image;
import static venue.core.carry.compose.Compose.lead;
import static venue.core.carry.compose.Compose.list;
import static venue.core.carry.compose.Compose.listing;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;
import static venue.core.carry.compose.Compose.toned;

import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose.Part;
import venue.core.model.section.Section;

/** The home page: what there is tonight, who may come, and what is new. */
final class HomePage {

    private HomePage() {}

    static PageDraft draft() {
        return new PageDraft("welcome", "landing-page", "Welcome to the moor")
                .wearing("home")
                .shown("A public observatory on Kestrel Moor, run by its volunteers, open on clear nights.", "field")
                .setting(
                        "searchDescription",
                        "A public observatory on Kestrel Moor: open nights, eight telescopes, school visits and a dark sky.")
                .section(toned(
                                "deep",
                                section(
                                        "s1",
                                        "Opening",
                                        heading("The sky is open").with("size", "display"),
                                        lead(Value.of(
                                                "Eight telescopes, a roll-off roof and the darkest car park for miles. Come up"
                                                        + " on a Friday and look for yourself.")),
                                        ACTS))
                        .with("back", Value.of("picture"))
                        .with("picture", Value.of("field"))
                        .with("veil", Value.of(10))
                        .with("space", Value.of("large")))
                .section(section("s2", "Tonight", FIGURES).with("space", Value.of("small")))
                .section(section(
                        "s3",
                        "Coming nights",
                        heading("Coming open nights")
                                .with("linkLabel", Value.of("All open nights"))
                                .with("link", Value.of("page:open-nights")),
                        listing("open-night", "coming", "soonest", 3, "cards")))
                .section(groups())
                .section(news());
    }

    private static final Part ACTS = part("buttons")
            .with(
                    "buttons",
                    list(
                            group("label", "Plan a visit", "link", "page:visit", "weight", "strong"),
                            group("label", "See what is on", "link", "page:open-nights")));

    private static final Part FIGURES = part("figures")
            .with(
                    "figures",
                    list(
                            group("figure", "8", "label", "Instruments"),
                            group("figure", "40", "label", "Volunteers"),
                            group("figure", "1893", "label", "First light"),
                            group("figure", "4 miles", "label", "To the next street lamp")));

    private static Section groups() {
        return toned(
                "tinted",
                columns(
                        "s4",
                        "Groups",
                        column(
                                6,
                                image(Value.of("east-bank"))
                                        .with("shape", "classic")
                                        .with(
                                                "caption",
                                                Value.of("The spring group on the east bank, waiting for the roof."))),
                        column(
                                6,
                                heading("Bring thirty people and their questions")
                                        .with("kicker", Value.of("For schools and groups"))
                                        .with("size", "large"),
                                text(
                                        "<p>A morning with the radio dish, an evening with the sky, or both. We write to you with everything a leader needs, down to where the coach turns.</p>"),
                                button(Value.of("Arrange a group visit"), "page:groups"))));
    }

    private static Section news() {
        return columns(
                "s5",
                "News",
                column(
                        4,
                        heading("News").with("size", "large"),
                        text("<p>From the people who sweep snow off the rails.</p>")),
                column(
                        8,
                        listing("article", "all", "newest", 4, "rows")
                                .with("pictures", Value.of(false))
                                .with("summaries", Value.of(false))
                                .with("facts", Value.of(false))));
    }
}
