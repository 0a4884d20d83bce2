package venue.demo;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.item.SiteId;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.change.edit.Command;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.site.Site;
import venue.core.model.theme.Look;

/** The whole demo site: what it begins with, and what has been changed since its first release. */
public final class KestrelMoor {

    /** The site's id. */
    public static final SiteId ID = new SiteId("kestrel-moor");

    /** The host name under which it is served. */
    public static final String HOST = "kestrel-moor.localhost";

    private KestrelMoor() {}

    /** Everything but the pictures, with dates around {@code today}. */
    public static List<Item> items(LocalDate today) {
        List<Item> items = new ArrayList<>();
        items.add(site());
        items.addAll(DemoKinds.usual());
        items.addAll(DemoKinds.all());
        items.addAll(DemoEntries.all());
        items.addAll(DemoTemplates.withReadyMade());
        ReadySite.patterns().forEach(p -> items.add(p.withBody(DemoListings.ofArticles(p.body()))));
        items.addAll(looks());
        items.addAll(MemberPages.groups());
        items.addAll(DemoForms.all());
        items.addAll(SharedSections.all());
        items.add(menu("main", "Main", "visit", "tonight", "instruments", "learn", "news", "support"));
        items.add(menu("foot", "Foot", "visit", "learn", "support", "search", "site-index", "privacy"));
        List<PageDraft> pages = new ArrayList<>(VisitPages.all(today));
        pages.addAll(OtherPages.all(today));
        pages.addAll(InstrumentPages.all());
        pages.addAll(MemberPages.all());
        pages.add(DemoForms.page());
        pages.addAll(DemoShelf.pages());
        List<String> order =
                List.of("welcome", "visit", "tonight", "instruments", "learn", "news", "people", "support", "adopt");
        for (int i = 0; i < pages.size(); i++) {
            venue.core.model.page.Page page = pages.get(i).at(i + 20);
            int first = order.indexOf(page.id());
            items.add(first < 0 ? page : pages.get(i).at(first + 1));
        }
        return items;
    }

    private static Site site() {
        return Site.of("Kestrel Moor Observatory", "en-GB", ZoneId.of("Europe/London"), "dusk", "plain")
                .withHosts(List.of(HOST))
                .withHome("welcome")
                .withFacts(facts())
                .withFoot(List.of(SharedSections.DARK_ROAD.id(), SharedSections.SUBSCRIBE.id()));
    }

    private static Map<String, Value> facts() {
        Map<String, Value> facts = new HashMap<>();
        words(facts, "tagline", "The darkest car park for miles");
        words(facts, "email", "hello@kestrel-moor.example");
        words(facts, "phone", "01632 960 414");
        words(facts, "postalAddress", "The Observatory, Moor Road, above Ashcombe");
        words(facts, "hours", "Every second Friday from dusk, September to April");
        words(facts, "act", "Book a place");
        facts.put("markBeside", Value.of(true));
        words(facts, "actLink", "page:book");
        words(facts, "headerMenu", "main");
        words(facts, "footMenu", "foot");
        words(facts, "searchPage", "search");
        facts.put("headerMembers", Value.of(true));
        words(facts, "basket", "sheet");
        words(facts, "joinWay", "asked");
        words(facts, "joinConsent", "I agree that my name and address are kept for as long as I am a member.");
        facts.put(
                "memberFields",
                new Value.Many(List.of(
                        Map.of("label", Value.of("Telephone"), "key", Value.of("phone")),
                        Map.of(
                                "label",
                                Value.of("Likes to look at"),
                                "key",
                                Value.of("likes"),
                                "sort",
                                Value.of("choice"),
                                "choices",
                                Value.of("Planets\nComets\nThe deep sky")))));
        words(facts, "closingWords", "Kestrel Moor Observatory is run by a small trust and its volunteers.");
        String cloud = "Cloud over the moor on Friday? We decide by four o’clock and write to everyone who booked.";
        facts.put("notices", new Value.Many(List.of(Map.of("words", Value.of(cloud)))));
        return facts;
    }

    private static void words(Map<String, Value> facts, String key, String words) {
        facts.put(key, Value.of(words));
    }

    private static List<Look> looks() {
        Look heather = new Look(
                "heather",
                "Heather",
                "a place that is loveliest in late summer",
                Map.of(
                        "colourPage", Value.of("#FCF8FA"),
                        "colourWords", Value.of("#2A1F2D"),
                        "colourAccent", Value.of("#D9699A"),
                        "colourTint", Value.of("#F3E4EC"),
                        "colourDeep", Value.of("#3B2447"),
                        "headingFont", Value.of("bitter")));
        return Stream.concat(ReadySite.looks().stream(), Stream.of(heather)).toList();
    }

    private static Menu menu(String id, String name, String... pages) {
        return new Menu(id, name, Stream.of(pages).map(p -> line(id, p)).toList());
    }

    /** The branch under Learn stands in the main menu by itself; what stands beneath others was chosen. */
    private static Line line(String menu, String page) {
        String id = menu + "-" + page;
        return id.equals("main-learn")
                ? new Line(id, Link.toPage(page), null, 1, Map.of(), List.of())
                : Line.toPage(id, page)
                        .withBeneath(BENEATH.getOrDefault(menu + " " + page, List.of()).stream()
                                .map(p -> Line.toPage(menu + "-" + p, p))
                                .toList());
    }

    private static final Map<String, List<String>> BENEATH = Map.of(
            "main visit", List.of("opening-times", "getting-here", "open-nights"),
            "foot visit", List.of("opening-times", "getting-here", "accessibility", "groups"),
            "foot learn", List.of("schools", "night-walks", "glossary", "tonight"),
            "foot support", List.of("members", "volunteer", "people"));

    /** What the managers have done since the first release; it waits for the next. */
    public static List<Command> changesSince() {
        return List.of(
                PageCommand.withdrawPage("star-party", true),
                SectionCommand.placeSection(
                        "open-nights", "main", 2, "open-nights-bring", "checklist", null, List.of()),
                ValueCommand.setValue(
                        "open-nights",
                        "open-nights-bring",
                        "e2",
                        "text",
                        Value.of("<ul><li>Boots that may get wet</li><li>A red torch, if you have one</li></ul>")),
                PageCommand.setTitle("getting-here", "Getting here and back"),
                NewPages.one("standard", "dark-sky-camping", "Dark-sky camping")
                        .beneath("visit")
                        .wearing("wide")
                        .made(),
                MenuCommand.placeInMenu("main", "dark-sky-camping", "main-camping"),
                NewPages.one("standard", "night-book", "The night book")
                        .wearing("plain")
                        .made(),
                ValueCommand.setValue(
                        "visit",
                        "visit-main1",
                        "e1",
                        "text",
                        Value.of(
                                "<p>The observatory stands at the end of a single-track road, four miles above the village of Ashcombe. Wrap up: the moor is colder than you think, even in June.</p>")));
    }
}
