package venue.core.show.feed;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;
import venue.core.show.render.View;

/**
 * A listing as it is followed from elsewhere: the first entries that it shows, whoever asks.
 *
 * @param id a URI that stays whatever the addresses become
 * @param home the address of the page that the listing is on
 */
public record Feed(String id, String title, String home, String language, Instant updated, List<Entry> entries) {

    /** The most entries that are given at once. */
    public static final int MOST = 50;

    private static final int DAY = "2026-01-01".length();

    /**
     * One entry that has a page.
     */
    public record Entry(String id, String url, String title, String summary, Instant updated, Times times) {

        /**
         * @param published by its field of that meaning; absent where it has none
         * @param start when it begins, where it has a date
         * @param wholeDay whether its date has no hour
         */
        public record Times(
                @Nullable Instant published,
                @Nullable LocalDateTime start,
                @Nullable LocalDateTime end,
                boolean wholeDay) {}
    }

    /**
     * @param page on which the listing is
     * @param name of the listing, among those on the page
     * @param listed what it shows, in order; what has no page is left out
     */
    public static Feed of(View view, Page page, String name, List<Page> listed) {
        List<Entry> entries = listed.stream()
                .filter(p -> view.edition().page(p.id()).isPresent())
                .limit(MOST)
                .map(p -> entry(view, p))
                .toList();
        Instant updated =
                entries.stream().map(Entry::updated).max(Instant::compareTo).orElse(Instant.EPOCH);
        String site = view.edition().site().name();
        String title = page.title().equals(site) ? site : page.title() + " · " + site;
        return new Feed(
                urn("feed/" + page.id() + "/" + name),
                title,
                view.canonical(page),
                view.edition().site().language(),
                updated,
                entries);
    }

    /** One page, as it stands in a feed. */
    public static Entry entry(View view, Page page) {
        Edition edition = view.edition();
        ZoneId zone = edition.site().zone();
        String date = edition.words(page, UsualFields.DATE);
        Optional<LocalDateTime> start = time(date);
        start.filter(t -> t.isAfter(view.localTime())).ifPresent(view.lasts()::until);
        Optional<Instant> published = start.map(t -> t.atZone(zone).toInstant()).filter(t -> !t.isAfter(view.now()));
        Instant updated = Optional.ofNullable(view.changed().get(page.id()))
                .or(() -> published)
                .orElse(Instant.EPOCH);
        return new Entry(
                urn("page/" + page.id()),
                view.canonical(page),
                page.title(),
                edition.words(page, UsualFields.SUMMARY),
                updated,
                new Entry.Times(
                        published.orElse(null),
                        start.orElse(null),
                        time(edition.words(page, UsualFields.UNTIL)).orElse(null),
                        date.length() == DAY));
    }

    private static Optional<LocalDateTime> time(String iso) {
        try {
            return iso.length() < DAY
                    ? Optional.empty()
                    : Optional.of(iso.length() == DAY ? LocalDate.parse(iso).atStartOfDay() : LocalDateTime.parse(iso));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    private static String urn(String what) {
        return "urn:uuid:" + UUID.nameUUIDFromBytes(what.getBytes(StandardCharsets.UTF_8));
    }
}
