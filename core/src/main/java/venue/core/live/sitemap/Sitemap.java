package venue.core.live.sitemap;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.listing.Asked;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Visitor;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/**
 * The sitemap of an edition, after sitemaps.org 0.9 with the image extension 1.1: every page that visitors can see and
 * search engines may index, once.
 */
public final class Sitemap {

    /** The most addresses one file may hold. */
    public static final int MOST_ADDRESSES = 50_000;

    /** The most bytes one file may have, not compressed. */
    public static final int MOST_BYTES = 50 * 1024 * 1024;

    private static final String XML = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n";
    private static final String NAMESPACE = "http://www.sitemaps.org/schemas/sitemap/0.9";
    private static final String IMAGES = "http://www.google.com/schemas/sitemap-image/1.1";

    /**
     * One address.
     *
     * @param changed when the page's own visible content last changed
     */
    public record Address(Page page, String address, Instant changed, List<String> pictures) {}

    private Sitemap() {}

    /**
     * Why a page has no place in the sitemap of an edition; empty when it has one.
     *
     * @param id of a page that may not be in this edition: then it is not released yet
     */
    public static Optional<String> whyNot(Edition edition, String id) {
        Optional<Page> page = edition.page(id);
        if (page.isEmpty()) {
            return Optional.of("a draft, not released yet");
        }
        if (page.get().withdrawn()) {
            return Optional.of("taken off the site");
        }
        if (!edition.plan().isShown(id)) {
            return Optional.of("a page above it is taken off the site");
        }
        if (page.get().isKeptOut()) {
            return Optional.of("kept out of search engines on purpose");
        }
        return Gates.of(edition).opens(page.get(), Visitor.STRANGER)
                ? Optional.empty()
                : Optional.of("not open to everyone");
    }

    /** The addresses, the home page first, then in the plan's order. */
    public static List<Address> addresses(View view, Map<String, Instant> changed) {
        List<Address> addresses = new ArrayList<>();
        view.edition().home().ifPresent(h -> add(addresses, view, h, changed));
        view.edition()
                .plan()
                .inOrder()
                .map(id -> view.edition().require(Page.class, id))
                .filter(p -> !view.edition().isHome(p))
                .forEach(p -> add(addresses, view, p, changed));
        return addresses;
    }

    private static void add(List<Address> addresses, View view, Page page, Map<String, Instant> changed) {
        if (whyNot(view.edition(), page.id()).isEmpty()) {
            Instant when = changed.getOrDefault(page.id(), Instant.EPOCH);
            addresses.add(new Address(page, view.canonical(page), when, pictures(view, page)));
            further(view, page).forEach(a -> addresses.add(new Address(page, view.origin() + a, when, List.of())));
        }
    }

    /** Where the further pages of the listings on a page are. What visitors may choose there has no place in a sitemap. */
    private static List<String> further(View view, Page page) {
        Edition edition = view.edition();
        boolean paged = edition.allFacts(page).anyMatch(f -> f.lists().paged())
                || edition.facts(edition.worn(page).template()).lists().paged();
        if (!paged) {
            return List.of();
        }
        List<String> further = new ArrayList<>();
        new TreeMap<>(PageRenderer.render(view, page).further()).forEach((name, of) -> {
            for (int n = 2; n <= of; n++) {
                further.add(View.encoded(Asked.path(edition.servedAt(page), name, n)));
            }
        });
        return further;
    }

    private static List<String> pictures(View view, Page page) {
        return view.edition()
                .allFacts(page)
                .flatMap(f -> f.shows().media().stream())
                .sorted()
                .distinct()
                .map(view.edition()::media)
                .flatMap(Optional::stream)
                .map((Media m) -> view.origin() + m.path(m.width()))
                .toList();
    }

    /** The files: one sitemap, or several where one would be too long; file 1 comes first. */
    public static List<String> files(List<Address> addresses) {
        return files(addresses, MOST_ADDRESSES, MOST_BYTES);
    }

    static List<String> files(List<Address> addresses, int mostAddresses, int mostBytes) {
        List<String> files = new ArrayList<>();
        StringBuilder body = new StringBuilder();
        int count = 0;
        int bytes = 0;
        int frame = wrap("").getBytes(StandardCharsets.UTF_8).length;
        for (Address address : addresses) {
            String url = url(address);
            int size = url.getBytes(StandardCharsets.UTF_8).length;
            if (count == mostAddresses || (count > 0 && frame + bytes + size > mostBytes)) {
                files.add(wrap(body.toString()));
                body.setLength(0);
                count = 0;
                bytes = 0;
            }
            body.append(url);
            count++;
            bytes += size;
        }
        files.add(wrap(body.toString()));
        return files;
    }

    /** The index that names {@code count} files under {@code origin}. */
    public static String index(String origin, int count) {
        HtmlWriter out = new HtmlWriter();
        out.start("sitemapindex").attr("xmlns", NAMESPACE);
        for (int i = 1; i <= count; i++) {
            out.start("sitemap")
                    .element("loc", origin + "/sitemap-" + i + ".xml")
                    .end();
        }
        return XML + out.end().html();
    }

    private static String wrap(String urls) {
        return XML + "<urlset xmlns=\"" + NAMESPACE + "\" xmlns:image=\"" + IMAGES + "\">\n" + urls + "</urlset>\n";
    }

    private static String url(Address address) {
        HtmlWriter out = new HtmlWriter();
        out.start("url").element("loc", address.address());
        if (address.changed().isAfter(Instant.EPOCH)) {
            out.element(
                    "lastmod", address.changed().truncatedTo(ChronoUnit.SECONDS).toString());
        }
        address.pictures()
                .forEach(p -> out.start("image:image").element("image:loc", p).end());
        return out.end().html() + "\n";
    }

    /** What robots.txt says of a site at an origin: what may be fetched, and where the sitemap is. */
    public static String robots(Site site, String origin) {
        return new RobotsFile(RobotRule.in(site)).text(origin);
    }
}
