package venue.server.live;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.json.JsonMapper;
import venue.core.body.listing.Asked;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.show.feed.Atom;
import venue.core.show.feed.Feed;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.server.calendar.Calendars;

/** What can be followed of a site, beneath the addresses of its pages: feeds and calendars of listings, and single events. */
final class Feeds {

    /** The names under which a listing is followed. */
    static final List<String> NAMES = List.of("feed.atom", "feed.json", "calendar.ics");

    private static final String EVENT = "event.ics";
    private static final Pattern ADDRESS = Pattern.compile(
            "(/|/.+?/)-/(?:([a-z][a-z0-9-]{0,39})/)?(feed\\.atom|feed\\.json|calendar\\.ics|event\\.ics)");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final View view;
    private final Edition edition;

    Feeds(View view) {
        this.view = view;
        edition = view.edition();
    }

    /**
     * What is followed.
     *
     * @param address of the page that it stands on
     * @param listing the name of the listing; empty for the first, and for a single event
     * @param form how it is followed, as the end of its address
     */
    record Followed(String address, String listing, String form) {

        /** What a decoded path asks to follow; empty where it asks for something else. */
        static Optional<Followed> in(String path) {
            Matcher asked = ADDRESS.matcher(path);
            if (!asked.matches()) {
                return Optional.empty();
            }
            String at = asked.group(1);
            return Optional.of(new Followed(
                    at.equals("/") ? at : at.substring(0, at.length() - 1),
                    asked.group(2) == null ? "" : asked.group(2),
                    asked.group(3)));
        }

        /** Its address beneath that of a page. */
        String of(String page) {
            return Asked.beneath(page, listing) + form;
        }
    }

    /** The answer, where that can be followed on a page. */
    Optional<Reply> of(Page page, Followed followed) {
        return followed.form().equals(EVENT) ? event(page) : listing(page, followed.listing(), followed.form());
    }

    private Optional<Reply> listing(Page page, String name, String form) {
        return Optional.ofNullable(PageRenderer.render(view, page).fed().get(name))
                .map(listed -> Feed.of(view, page, name, listed))
                .flatMap(feed -> written(feed, page, name, form));
    }

    private Optional<Reply> written(Feed feed, Page page, String name, String form) {
        String self = view.origin() + View.encoded(Asked.beneath(edition.servedAt(page), name)) + form;
        return switch (form) {
            case "feed.atom" ->
                Optional.of(Reply.text(
                        Atom.TYPE + "; charset=utf-8",
                        Atom.write(feed, self, edition.site().name()),
                        Reply.ASK));
            case "feed.json" ->
                Optional.of(Reply.text("application/feed+json; charset=utf-8", json(feed, self), Reply.ASK));
            default -> calendar(feed.title(), feed.entries(), "calendar");
        };
    }

    private Optional<Reply> event(Page page) {
        return calendar(page.title(), List.of(Feed.entry(view, page)), page.segment());
    }

    private Optional<Reply> calendar(String title, List<Feed.Entry> entries, String file) {
        String text = Calendars.write(title, entries, edition.site().zone());
        return text.isEmpty()
                ? Optional.empty()
                : Optional.of(Reply.text("text/calendar; charset=utf-8", text, Reply.ASK)
                        .asDownload(file + ".ics"));
    }

    /** JSON Feed, version 1.1. */
    private static String json(Feed feed, String self) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("version", "https://jsonfeed.org/version/1.1");
        json.put("title", feed.title());
        json.put("home_page_url", feed.home());
        json.put("feed_url", self);
        json.put("language", feed.language());
        json.put("items", feed.entries().stream().map(Feeds::item).toList());
        return JSON.writeValueAsString(json);
    }

    private static Map<String, Object> item(Feed.Entry entry) {
        Map<String, Object> item = new LinkedHashMap<>();
        item.put("id", entry.id());
        item.put("url", entry.url());
        item.put("title", entry.title());
        item.put("content_text", entry.summary());
        if (entry.times().published() != null) {
            item.put("date_published", entry.times().published().toString());
        }
        item.put("date_modified", entry.updated().toString());
        return item;
    }
}
