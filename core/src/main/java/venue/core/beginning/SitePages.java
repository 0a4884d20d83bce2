package venue.core.beginning;

import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.text;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jsoup.nodes.Entities;
import org.jspecify.annotations.Nullable;
import venue.core.link.Link;
import venue.core.menu.Line;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.page.Segment;
import venue.core.section.Section;
import venue.core.section.Zones;
import venue.core.value.Value;

/** Pages and menus as beginnings are made of. */
final class SitePages {

    static final String HOME = "home";
    static final String PRIVACY = "privacy";

    private static final long GAP = 1L << 20;

    private SitePages() {}

    static Page page(String id, String title, String kind, @Nullable String template, Section... sections) {
        List<Section> named = IntStream.range(0, sections.length)
                .mapToObj(i -> sections[i].withId(id + "-" + (i + 1)))
                .toList();
        return new Page(
                id,
                title,
                Segment.fromTitle(title),
                null,
                0,
                kind,
                template,
                new Zones(Map.of("main", named)),
                List.of(),
                Map.of(),
                Map.of(),
                false);
    }

    /** The pages in this order, among themselves and beneath others. */
    static List<Page> inOrder(List<Page> pages) {
        return IntStream.range(0, pages.size())
                .mapToObj(i -> pages.get(i).withPlace(pages.get(i).parent(), (i + 1) * GAP))
                .toList();
    }

    /** What any site can say truly before anybody has written a word of it. */
    static Page privacy(NewSite site) {
        String name = Entities.escape(site.name());
        return page(
                        PRIVACY,
                        "Privacy",
                        "standard",
                        "plain",
                        section(
                                "s1",
                                "Text",
                                text("<p>" + name + " sets no cookies on this site, and asks nobody else to."
                                        + " Nothing on its pages is fetched from other people’s servers before you say so.</p>"
                                        + "<p>The server that sends you these pages may keep a line for each request,"
                                        + " with the time, the address asked for and the network address it came from,"
                                        + " so that faults can be found.</p>"
                                        + "<p>If you write to us, we use what you write to answer you.</p>")))
                .withField("summary", Value.of("What this site keeps of its visitors."));
    }

    static Menu menu(String id, String name, String... pages) {
        return new Menu(
                id,
                name,
                id,
                Stream.of(pages)
                        .map(p -> new Line(id + "-" + p, Link.toPage(p), null, List.of()))
                        .toList());
    }
}
