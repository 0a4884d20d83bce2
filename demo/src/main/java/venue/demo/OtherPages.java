package venue.demo;

import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.fill;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.image;
import static venue.core.carry.compose.Compose.lead;
import static venue.core.carry.compose.Compose.links;
import static venue.core.carry.compose.Compose.listing;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.quote;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.strongButton;
import static venue.core.carry.compose.Compose.text;
import static venue.core.carry.compose.Compose.toned;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import venue.core.basics.value.Value;

/** Tonight, Learn, News, Support us and the small print. */
final class OtherPages {

    private OtherPages() {}

    static List<PageDraft> all(LocalDate today) {
        List<PageDraft> pages = new ArrayList<>();
        pages.add(tonight());
        pages.addAll(learn());
        pages.addAll(DemoNews.all(today));
        pages.addAll(support());
        pages.addAll(small());
        return pages;
    }

    private static PageDraft tonight() {
        return new PageDraft("tonight", "standard", "Tonight")
                .wearing("wide")
                .shown("What is up, hour by hour, as seen from the moor.", "moon")
                .led(
                        "The moon sets early, Saturn stands in the south at eight, and the Pleiades clear the hill by nine.")
                .section(columns(
                        "s2",
                        "Hour by hour",
                        column(
                                4,
                                heading("19:00").with("size", "medium"),
                                text("<p>Saturn over the radio dish. The rings are nearly edge-on this year.</p>")),
                        column(
                                4,
                                heading("21:00").with("size", "medium"),
                                text(
                                        "<p>The Andromeda galaxy overhead: the farthest thing you can see without help.</p>")),
                        column(
                                4,
                                heading("23:00").with("size", "medium"),
                                text("<p>Orion is up. Look for the smudge beneath the belt.</p>"))));
    }

    private static List<PageDraft> learn() {
        return List.of(
                new PageDraft("learn", "standard", "Learn")
                        .wearing("wide")
                        .shown("School mornings, night walks, and words explained.", "field-two")
                        .led("Nobody is born knowing where north is. We start there.")
                        .section(section(
                                "s2",
                                "Ways",
                                heading("Ways to learn"),
                                links(
                                        "Schools|page:schools",
                                        "Night walks|page:night-walks",
                                        "Glossary|page:glossary",
                                        "Observing guides|page:guides"))),
                HandyPages.guides(),
                VisitPages.words(
                        "schools",
                        "learn",
                        "Schools",
                        "Mornings for classes from six to sixteen.",
                        "<p>A morning has three stations: the heliostat, the meridian circle, and a story in the dark. We send a pack beforehand and a quiz after.</p><blockquote><p>They talked about shadows all the way home.</p></blockquote>"),
                VisitPages.words(
                        "night-walks",
                        "learn",
                        "Night walks",
                        "Two miles on foot, without torches.",
                        "<p>Siân leads two miles of path in the dark, with stops for owls, stories and the four brightest things in the sky. Good boots; no lights.</p>"),
                VisitPages.words(
                        "glossary",
                        "learn",
                        "Glossary",
                        "Words from the eyepiece, explained without showing off.",
                        "<h3>Aperture</h3><p>How wide the front of a telescope is. More of it gathers more light.</p><h3>Averted vision</h3><p>Looking beside a faint thing to see it better.</p><h3>Seeing</h3><p>How steady the air is. Stars that twinkle are pretty, and bad news.</p>"));
    }

    private static List<PageDraft> support() {
        return List.of(
                supportUs(),
                VisitPages.words(
                        "members",
                        "support",
                        "Members",
                        "What members get, and what it costs.",
                        "<p>Thirty-two pounds a year, sixteen for those who study or are retired. Members come free on open nights and may borrow a telescope for a month.</p>"),
                VisitPages.words(
                        "volunteer",
                        "support",
                        "Volunteer",
                        "Roof, tea, talks and bearings.",
                        "<p>We teach you everything, including how to roll four tonnes of roof with two fingers. Write to us, or come on the first Monday.</p>"),
                adopt());
    }

    private static PageDraft supportUs() {
        return waysToSupport()
                .section(toned(
                        "tinted",
                        section(
                                "s3",
                                "A voice",
                                quote(
                                                Value.of("I came to see Saturn once. That was in 2009."),
                                                Value.of("Noor Castellane"))
                                        .with("role", "membership"))))
                .section(section(
                        "s4",
                        "Sponsors",
                        heading("Who pays for glass and bearings"),
                        listing("sponsor", "all", "plan", 12, "cards")));
    }

    private static PageDraft waysToSupport() {
        return new PageDraft("support", "standard", "Support us")
                .wearing("wide")
                .shown("Join, lend a hand, or adopt a mirror.", "trails-two")
                .led("A ticket pays for a third of a night. The rest is friends.")
                .section(
                        columns(
                                "s2",
                                "Ways",
                                column(
                                        4,
                                        heading("Join").with("size", "medium"),
                                        text(
                                                "<p>Members come free, borrow telescopes and get the night book by post. <a href=\"page:members\">Become a member</a>.</p>")),
                                column(
                                        4,
                                        heading("Help").with("size", "medium"),
                                        text(
                                                "<p>Roof, tea, talks, bearings. <a href=\"page:volunteer\">Volunteer</a>.</p>")),
                                column(
                                        4,
                                        heading("Adopt").with("size", "medium"),
                                        text(
                                                "<p>Nine centimetres of glass, your name on the back. <a href=\"page:adopt\">Adopt a mirror</a>.</p>"))));
    }

    private static PageDraft adopt() {
        return new PageDraft("adopt", "landing-page", "Adopt a mirror")
                .wearing("landing")
                .shown("Nine centimetres of glass, your name on the back, our sky on the front.", "field")
                .section(toned(
                                "deep",
                                section(
                                        "s1",
                                        "Opening",
                                        heading("Adopt a mirror").with("size", "display"),
                                        lead(
                                                Value.of(
                                                        "Nine centimetres of glass, your name on the back, our sky on the front.")),
                                        strongButton(Value.of("Write to us"), "mailto:mirrors@kestrel-moor.example")))
                        .with("back", Value.of("picture"))
                        .with("picture", Value.of("field"))
                        .with("space", Value.of("large"))
                        .with("align", Value.of("centre")))
                .section(section(
                        "s2",
                        "How many",
                        text("<p>Every mirror in the new array has a keeper. Eighty-one are waiting.</p>"),
                        image(fill("A picture of the first mirrors in their frame"))))
                .section(DemoForms.placed("s3", "Adopt one", DemoForms.MIRROR));
    }

    private static List<PageDraft> small() {
        return List.of(
                new PageDraft("privacy", "standard", "Privacy")
                        .wearing("plain")
                        .shown("What we know of you, and for how long.", null)
                        .section(
                                section(
                                        "s1",
                                        "Text",
                                        text(
                                                "<p>We keep the address you book with until the night is over. We count visits to this site without knowing who made them.</p>"))),
                new PageDraft("search", "overview", "Search")
                        .wearing("plain")
                        .section(
                                section("s1", "Search", part("search").with("hint", "Comets, opening times, a name…"))),
                new PageDraft("site-index", "overview", "Site index")
                        .wearing("contents-layout")
                        .section(section("s1", "Contents", part("site-index"))),
                new PageDraft("star-party", "standard", "Autumn star party")
                        .wearing("plain")
                        .shown("Three nights in tents under the autumn sky.", "field-two")
                        .section(
                                section(
                                        "s1",
                                        "Text",
                                        text(
                                                "<p>Three nights in tents on the lower field, with talks in the barn. Bring a red torch and a second jumper.</p>"))));
    }
}
