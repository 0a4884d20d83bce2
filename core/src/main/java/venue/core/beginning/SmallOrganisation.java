package venue.core.beginning;

import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.image;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.listing;
import static venue.core.readymade.Compose.part;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.strongButton;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jsoup.nodes.Entities;
import venue.core.item.Item;
import venue.core.page.Page;
import venue.core.readymade.ReadySite;
import venue.core.section.Section;
import venue.core.theme.Look;
import venue.core.value.Value;

/** For a club, a trust, a shop or a practice: fourteen pages whose words are places to fill that say what belongs there. */
final class SmallOrganisation {

    private static final String LOOK = "pebble";
    private static final String CONTACT = "contact-us";

    private SmallOrganisation() {}

    static List<Item> items(NewSite asked) {
        List<Item> items = new ArrayList<>(ReadySite.items(EmptySite.site(asked, LOOK)));
        items.addAll(SmallKinds.all());
        items.add(look());
        items.addAll(pages(asked));
        items.add(SitePages.menu("main", "Main", "about", "events", "news", "people", CONTACT));
        items.add(SitePages.menu("foot", "Foot", "documents", CONTACT, SitePages.PRIVACY));
        return items;
    }

    private static Look look() {
        return new Look(
                LOOK,
                "Pebble",
                Map.of(
                        "colourPage", Value.of("#FBFAF7"),
                        "colourWords", Value.of("#22302E"),
                        "colourAccent", Value.of("#A8481C"),
                        "colourTint", Value.of("#E9F0EC"),
                        "colourDeep", Value.of("#1D423D"),
                        "headingFont", Value.of("bricolage"),
                        "bodyFont", Value.of("instrument-sans"),
                        "buttonShape", Value.of("soft")));
    }

    private static List<Page> pages(NewSite site) {
        List<Page> top = SitePages.inOrder(List.of(
                home(site), about(), events(), news(), people(), documents(), contact(), SitePages.privacy(site)));
        List<Page> beneath = List.of(
                event("first-event", "The first event", 1),
                event("second-event", "Another event", 2),
                story("first-news", "The first piece of news", 1),
                story("second-news", "An older piece of news", 2),
                person("first-person", "Somebody who works here", 1),
                person("second-person", "Somebody else who does", 2));
        return Stream.concat(top.stream(), beneath.stream()).toList();
    }

    private static Page home(NewSite site) {
        return SitePages.page(
                SitePages.HOME,
                "Home",
                "landing-page",
                "home-layout",
                opening(site),
                columns("s2", "Ways on", way("come", "about"), way("take part", "events"), way("ask", CONTACT)),
                toned(
                        "tinted",
                        section(
                                "s3",
                                "Coming events",
                                heading(fill("What is on")),
                                listing(SmallKinds.EVENT, "coming", "soonest", 3, "cards"))),
                section(
                        "s4",
                        "Latest news",
                        heading(fill("News")),
                        listing(SmallKinds.NEWS, "all", "newest", 3, "cards")),
                reachUs());
    }

    private static Section opening(NewSite site) {
        String tells = "<p>This is where " + Entities.escape(site.name())
                + " tells what it does, when it is open and how to reach it.</p>";
        Section opening = columns(
                "s1",
                "Opening",
                column(
                        7,
                        heading(site.name()).with("size", "display"),
                        lead(Value.of(tells)),
                        strongButton(Value.of("How to reach us"), "page:" + CONTACT)),
                column(
                        5,
                        image(fill("What people see when they come: the place, or people in it"))
                                .with("shape", "classic")));
        return toned("deep", opening).with("space", Value.of("large"));
    }

    private static Section reachUs() {
        return toned(
                "deep",
                columns(
                        "s5",
                        "How to reach us",
                        column(
                                7,
                                heading(fill("An invitation to come or write")),
                                lead(fill("How you like to be found, in a sentence"))),
                        column(5, part("contact"), part("hours"))));
    }

    private static List<Object> way(String what, String page) {
        return column(
                4,
                heading(fill("Why people " + what)).with("size", "medium"),
                text(fill("What they find here, in two sentences")),
                strongButton(fill("Where it leads, in two words"), "page:" + page));
    }

    private static Page about() {
        return SitePages.page(
                "about",
                "About us",
                "standard",
                "wide",
                section(
                        "s1",
                        "Lead",
                        lead(fill("Who you are and what you are for: what a visitor wants to know first"))),
                columns(
                        "s2",
                        "How it began",
                        column(
                                6,
                                heading(fill("How it began")),
                                text(fill("The story in two paragraphs, with a year and a name"))),
                        column(6, image(fill("A picture from the first years")).with("shape", "classic"))),
                toned(
                        "tinted",
                        columns(
                                "s3",
                                "What matters",
                                thing("The first thing you care about"),
                                thing("A second"),
                                thing("And a third"))));
    }

    private static List<Object> thing(String what) {
        return column(
                4, heading(fill(what)).with("size", "medium"), text(fill("What you do about it, in two sentences")));
    }

    private static Page events() {
        return listed("events", "Events", SmallKinds.EVENT, "soonest", "What you put on, and how to come");
    }

    private static Page news() {
        return listed("news", "News", SmallKinds.NEWS, "newest", "What people find here, and how often it is new");
    }

    private static Page people() {
        return SitePages.page(
                "people",
                "People",
                "standard",
                "wide",
                section("s1", "Lead", lead(fill("Who works here, and whom to ask for what"))),
                section("s2", "List", listing(SmallKinds.PERSON, "all", "plan", 24, "people")));
    }

    private static Page listed(String id, String title, String kind, String order, String lead) {
        return SitePages.page(
                id,
                title,
                "standard",
                "wide",
                section("s1", "Lead", lead(fill(lead))),
                section("s2", "List", listing(kind, "all", order, 12, "cards")));
    }

    private static Page documents() {
        return SitePages.page(
                "documents",
                "Documents",
                "standard",
                "plain",
                section("s1", "Lead", lead(fill("Which papers people come for: statutes, forms, reports"))),
                section("s2", "Documents", heading(fill("What these papers are")), part("documents")));
    }

    private static Page contact() {
        Section reach = columns(
                "s1",
                "How to reach us",
                column(
                        7,
                        lead(fill("Whom people reach, and when they hear back")),
                        text(fill("How to get here, by foot, bus and car"))),
                column(5, part("contact"), part("hours"), part("social")));
        return SitePages.page(CONTACT, "Contact", "standard", "plain", reach);
    }

    private static Page event(String id, String title, int position) {
        return child(id, title, SmallKinds.EVENT, "events", position)
                .withField("date", fill("When it begins"))
                .withField("place", fill("Where it is"))
                .withField("picture", fill("What it looked like the last time"))
                .withField("summary", fill("What happens there, in a sentence"));
    }

    private static Page story(String id, String title, int position) {
        return child(id, title, SmallKinds.NEWS, "news", position)
                .withField("date", fill("The day it is told"))
                .withField("picture", fill("What it is about, in a picture"))
                .withField("summary", fill("What happened, in a sentence"));
    }

    private static Page person(String id, String title, int position) {
        return child(id, title, SmallKinds.PERSON, "people", position)
                .withField("role", fill("What they do here"))
                .withField("picture", fill("Their face, not too close"))
                .withField("summary", fill("Who they are, in a sentence"));
    }

    private static Page child(String id, String title, String kind, String parent, int position) {
        return SitePages.page(
                        id,
                        title,
                        kind,
                        null,
                        section("s1", "Text", text(fill("The whole story, for whoever wants to know more"))))
                .withPlace(parent, (long) position << 20);
    }
}
