package venue.demo;

import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.lead;
import static venue.core.carry.compose.Compose.links;
import static venue.core.carry.compose.Compose.listing;
import static venue.core.carry.compose.Compose.questions;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;
import static venue.core.carry.compose.Compose.toned;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import venue.core.basics.value.Value;

/** The home page and everything beneath Visit. */
final class VisitPages {

    private VisitPages() {}

    static List<PageDraft> all(LocalDate today) {
        List<PageDraft> pages = new ArrayList<>();
        pages.add(HomePage.draft());
        pages.add(visit());
        pages.addAll(practical());
        pages.add(HandyPages.contact());
        pages.add(openNights());
        pages.addAll(nights(today));
        return pages;
    }

    private static PageDraft visit() {
        return new PageDraft("visit", "standard", "Visit")
                .wearing("wide")
                .shown("When we are open, how to get here, and what to bring.", "field")
                .led(
                        "The observatory stands at the end of a single-track road, four miles above the village of Ashcombe. Wrap up: the moor is colder than you think.")
                .section(columns(
                        "s2",
                        "Before you come",
                        column(
                                6,
                                heading("When"),
                                text(
                                        "<p>Open nights are on every second Friday from September to April. By day, the visitor room is open at weekends.</p>"),
                                links("Opening times|page:opening-times", "Coming open nights|page:open-nights")),
                        column(
                                6,
                                heading("How"),
                                text(
                                        "<p>By bus to Ashcombe Cross and on foot, or by car. There is room for sixty, and no lights after dusk.</p>"),
                                links("Getting here|page:getting-here", "Step-free access|page:accessibility"))))
                .section(
                        toned(
                                "tinted",
                                section(
                                        "s3",
                                        "Questions",
                                        heading("Questions people ask"),
                                        questions(
                                                "What if it is cloudy?|<p>We decide by four o’clock and write to everyone who booked. The talk goes ahead, with tea.</p>",
                                                "May children come?|<p>Yes, from about six. Bring a blanket and an early nap.</p>",
                                                "Can I bring a dog?|<p>Not on open nights: it is dark, and dogs find the cables.</p>"))));
    }

    private static List<PageDraft> practical() {
        return List.of(
                words(
                                "opening-times",
                                "visit",
                                "Opening times",
                                "Nights, weekends and holidays, month by month.",
                                "<p>From September to April we open on <strong>every second Friday</strong>, from dusk until eleven.</p><h3>By day</h3><p>The visitor room and the shop are open on Saturdays and Sundays from eleven to four.</p>")
                        .section(section(
                                "s2",
                                "Season by season",
                                heading("Season by season").with("size", "medium"),
                                listing("opening-hours", "all", "plan", 12, "rows")))
                        .sharing("side", SharedSections.PLAN_YOUR_VISIT),
                words(
                                "getting-here",
                                "visit",
                                "Getting here",
                                "By bus, by bicycle, by car, and the last half mile on foot.",
                                "<p>The 41 bus stops at Ashcombe Cross until half past ten. From there it is twenty-five minutes on a surfaced path; take a torch with a red filter.</p><h3>By car</h3><p>Follow the brown signs from Ashcombe. <em>Dip your lights at the cattle grid</em>: behind it, eyes are getting used to the dark.</p>")
                        .sharing("side", SharedSections.PLAN_YOUR_VISIT),
                words(
                                "accessibility",
                                "visit",
                                "Accessibility",
                                "Step-free ways, the lift to the dome, quiet hours and a hearing loop.",
                                "<p>The visitor room, the shop and the roll-off roof are step-free. The dome has a lift for one wheelchair.</p><ul><li>Hearing loop in the talk room</li><li>Quiet hour from six on the last Friday</li><li>A screen shows what the eyepiece sees</li></ul>")
                        .sharing("side", SharedSections.PLAN_YOUR_VISIT),
                words(
                                "groups",
                                "visit",
                                "Groups and school parties",
                                "Evenings and mornings for ten to forty people.",
                                "<p>Groups of ten to forty can have the roof to themselves on a Tuesday or Wednesday. <a href=\"page:contact-us\">Write to us</a> six weeks ahead. For schools see <a href=\"page:schools\">Schools</a>.</p>")
                        .section(DemoForms.placed("s2", "Ask for a group visit", DemoForms.GROUP))
                        .sharing("side", SharedSections.PLAN_YOUR_VISIT)
                        .setting("searchTitle", "Open nights · Kestrel Moor"));
    }

    static PageDraft words(String id, String parent, String title, String summary, String html) {
        return new PageDraft(id, "standard", title)
                .beneath(parent)
                .wearing("side-column")
                .shown(summary, null)
                .section(section("s1", "Text", text(html)));
    }

    private static PageDraft openNights() {
        return new PageDraft("open-nights", "landing-page", "Open nights")
                .beneath("visit")
                .wearing("listing")
                .choosing("booking")
                .shown("Every second Friday from September to April.", "trails-two")
                .setting("searchTitle", "Open nights · Kestrel Moor")
                .led("Every second Friday from September to April we roll the roof back and share the sky.")
                .section(section(
                        "s2",
                        "Coming nights",
                        heading("Coming nights"),
                        listing("open-night", "coming", "soonest", 6, "agenda").with("feed", Value.of(true))))
                .section(section(
                        "s3",
                        "Past nights",
                        heading("What we saw"),
                        listing("open-night", "past", "newest", 6, "rows")));
    }

    /** Every second Friday, as the pages say. */
    private static List<PageDraft> nights(LocalDate today) {
        LocalDate friday = today.with(TemporalAdjusters.next(DayOfWeek.FRIDAY));
        return List.of(
                night(
                        "saturn",
                        "Saturn’s late show",
                        friday,
                        "Rings nearly edge-on through the Ashcombe refractor, and tea in the store afterwards.",
                        "Siân Ollerenshaw",
                        "moon"),
                night(
                        "geminids",
                        "Geminids from the heather",
                        friday.plusWeeks(2),
                        "Blankets, no telescopes: one hour of looking up together.",
                        "Tomás Jurado",
                        "trails"),
                night(
                        "orion",
                        "Orion for beginners",
                        friday.plusWeeks(6),
                        "A nebula, a red giant and a blue one, in one evening and without jargon.",
                        "Maja Åkerlund",
                        "nebula"),
                night(
                        "double-cluster",
                        "The double cluster",
                        friday.minusWeeks(2),
                        "Two handfuls of jewels, and a clear sky until ten.",
                        "Idris Fenwick-Hale",
                        "field-two"),
                night(
                        "harvest-moon",
                        "Harvest moon",
                        friday.minusWeeks(8),
                        "The moon rose behind the radio dish, on cue.",
                        "Noor Castellane",
                        "moonrise"));
    }

    private static PageDraft night(
            String id, String title, LocalDate day, String summary, String guide, String picture) {
        return new PageDraft(id, "open-night", title)
                .beneath("open-nights")
                .shown(summary, picture)
                .field("date", day + "T19:00")
                .field("meet", "Visitor room")
                .field("guide", guide)
                .field("places", 40)
                .section(
                        section(
                                "s1",
                                "Words",
                                lead(Value.of(summary)),
                                text(
                                        "<p>We meet in the visitor room, wait for our eyes, and walk up together. Bring boots, a red torch if you have one, and something warm to drink. <a href=\"page:getting-here\">How to get here</a> is said there; <a href=\"page:book\">book a place</a> before you come.</p>")));
    }
}
