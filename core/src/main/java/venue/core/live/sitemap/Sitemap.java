package venue.core.live.sitemap;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Stream;
import venue.core.body.listing.Asked;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.edition.edition.PageFacts;
import venue.core.model.gate.Visitor;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/**
 * The sitemap of an edition, after sitemaps.org 0.9 with the image extension 1.1: every page that visitors can see and
 * search engines may index, once.
 */
public final class Sitemap {

    /** The most pictures that are told with one address. */
    private static final int MOST_PICTURES = 1_000;

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
        if (!Gates.of(edition).opens(page.get(), Visitor.STRANGER)) {
            return Optional.of("not open to everyone");
        }
        return RobotsFile.of(edition).lets(edition.servedAt(page.get()))
                ? Optional.empty()
                : Optional.of("robots may not fetch it, by the rules of the site");
    }

    /** The addresses, the home page first, then in the plan's order; each is worked out when it is asked for. */
    public static Stream<Address> addresses(View view, Map<String, Instant> changed) {
        return addresses(view, view.edition().plan()::inOrder, changed);
    }

    /** Those of some pages, by their ids; the home page first. */
    static Stream<Address> addresses(View view, Supplier<Stream<String>> pages, Map<String, Instant> changed) {
        Edition edition = view.edition();
        String home = edition.site().home();
        return Stream.concat(
                        pages.get().filter(id -> id.equals(home)), pages.get().filter(id -> !id.equals(home)))
                .filter(id -> whyNot(edition, id).isEmpty())
                .flatMap(id -> of(view, edition.require(Page.class, id), changed.getOrDefault(id, Instant.EPOCH)));
    }

    private static Stream<Address> of(View view, Page page, Instant changed) {
        List<PageFacts> facts = view.edition().allFacts(page).toList();
        return Stream.concat(
                Stream.of(new Address(page, view.canonical(page), changed, pictures(view, facts))),
                further(view, page, facts).stream().map(a -> new Address(page, view.origin() + a, changed, List.of())));
    }

    /** Where the further pages of the listings on a page are. What visitors may choose there has no place in a sitemap. */
    private static List<String> further(View view, Page page, List<PageFacts> facts) {
        Edition edition = view.edition();
        boolean paged = facts.stream().anyMatch(f -> f.lists().paged())
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

    private static List<String> pictures(View view, List<PageFacts> facts) {
        return facts.stream()
                .flatMap(f -> f.shows().media().stream())
                .sorted()
                .distinct()
                .map(view.edition()::media)
                .flatMap(Optional::stream)
                .map((Media m) -> view.origin() + m.path(m.width()))
                .limit(MOST_PICTURES)
                .toList();
    }

    /** What robots.txt says of a site at an origin: what may be fetched, and where the sitemap is. */
    public static String robots(Edition edition, String origin) {
        return RobotsFile.of(edition).text(origin);
    }
}
