package venue.core.show.render;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.listing.Asked;
import venue.core.body.listing.Listed;
import venue.core.body.listing.ListingQuery;
import venue.core.body.scene.Listings;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;
import venue.core.show.gathering.Gathering;
import venue.core.show.gathering.Topics;

/** The listings of one page while it is written: what they have shown so far, and where their further pages are. */
final class PageListings implements Listings {

    private final View view;
    private final Page page;
    private final String address;
    private final Set<String> above = new HashSet<>();
    private final Map<String, Integer> further = new TreeMap<>();
    private final Map<String, List<Page>> fed = new TreeMap<>();
    private int asking;
    private boolean asks;

    PageListings(View view, Page page) {
        this.view = view;
        this.page = page;
        address = view.edition().page(page.id()).isPresent() ? view.edition().servedAt(page) : "/";
    }

    @Override
    public boolean lists(ListingQuery query) {
        return !all(query).isEmpty();
    }

    /** All that a listing shows on all its pages, in order. */
    List<Page> all(ListingQuery query) {
        Gathering gathering = new Gathering(view.onlooker(), query, page, Asked.NOTHING);
        gathering.turns().ifPresent(view.lasts()::until);
        return gathering.all(above);
    }

    @Override
    public Listed listed(ListingQuery query) {
        Gathering gathering = new Gathering(view.onlooker(), named(query), page, view.asked());
        gathering.turns().ifPresent(view.lasts()::until);
        Listed listed = view.hard().made(view.edition(), gathering.listed(above));
        // Before what it shows itself stands above: those who follow it get that too.
        if (query.offered().feed()) {
            fed.put(listed.name(), all(query));
        }
        listed.pages().forEach(p -> above.add(p.id()));
        if (query.amount().paged()) {
            further.put(listed.name(), listed.portion().of());
        }
        asks |= !query.offered().isNothing() || query.offered().sorts();
        return listed;
    }

    @Override
    public List<Page> topics(Page of) {
        return Topics.of(view.edition(), of).stream().filter(view::shows).toList();
    }

    @Override
    public int naming(Page of) {
        return Topics.count(view.onlooker(), of.id());
    }

    /** Of the listings that visitors can ask something of, the first needs no name; another without one is numbered. */
    private ListingQuery named(ListingQuery query) {
        if (!query.amount().paged() && !query.offered().hasAddresses()) {
            return query;
        }
        asking++;
        if (asking == 1) {
            return query.named("");
        }
        return query.name().isEmpty() ? query.named("list-" + asking) : query;
    }

    /** Pages that are asked for and are not there are none of the site's. */
    Map<String, Integer> further() {
        return Map.copyOf(further);
    }

    /** What the listings show that can be followed, by name. */
    Map<String, List<Page>> fed() {
        return Map.copyOf(fed);
    }

    boolean ask() {
        return asks;
    }

    /** Percent-encoded. */
    @Override
    public String further(String listing, int number, Map<String, String> chosen) {
        return View.encoded(Asked.path(address, listing, number)) + queryOf(listing, chosen);
    }

    /** What is chosen of a listing, as an address carries it. */
    static String queryOf(String listing, Map<String, String> chosen) {
        String before = listing.isEmpty() ? "" : listing + ".";
        String query = chosen.entrySet().stream()
                .map(e -> encoded(before + e.getKey()) + "=" + encoded(e.getValue()))
                .collect(Collectors.joining("&"));
        return query.isEmpty() ? "" : "?" + query;
    }

    private static String encoded(String words) {
        return URLEncoder.encode(words, StandardCharsets.UTF_8);
    }

    /** The number of the page that is asked for; 1 where that of no listing here is. */
    int number() {
        return further.containsKey(view.asked().listing()) ? view.asked().number() : 1;
    }

    /** The address that this page is known by: with its number, and without what a visitor chose. */
    String canonical() {
        return further(view.asked().listing(), number(), Map.of());
    }

    /** Names the feeds of the page in the head. */
    void follow(String origin, HtmlWriter out) {
        fed.forEach((name, pages) -> {
            String at = origin + View.encoded(Asked.beneath(address, name));
            String title = name.isEmpty() ? page.title() : page.title() + ", " + name;
            alternate(out, "application/atom+xml", at + "feed.atom", title);
            alternate(out, "application/feed+json", at + "feed.json", title);
            if (pages.stream()
                    .anyMatch(p -> !view.edition().words(p, UsualFields.DATE).isEmpty())) {
                alternate(out, "text/calendar", at + "calendar.ics", title);
            }
        });
    }

    private static void alternate(HtmlWriter out, String type, String href, String title) {
        out.empty("link")
                .attr("rel", "alternate")
                .attr("type", type)
                .attr("title", title)
                .attr("href", href);
    }

    /** Names the pages before and after this one in the head. */
    void beside(String origin, HtmlWriter out) {
        String name = view.asked().listing();
        int of = further.getOrDefault(name, 1);
        if (number() > 1) {
            out.empty("link").attr("rel", "prev").attr("href", origin + further(name, number() - 1, Map.of()));
        }
        if (number() < of) {
            out.empty("link").attr("rel", "next").attr("href", origin + further(name, number() + 1, Map.of()));
        }
    }
}
