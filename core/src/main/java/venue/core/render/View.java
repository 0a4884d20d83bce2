package venue.core.render;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Locale;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.theme.SiteMark;
import venue.core.theme.StyleSheet;

/**
 * What is shown and to whom: an edition at an instant, for visitors or with the marks that managers see.
 *
 * @param origin the site's scheme, host and port, without a slash at the end
 */
public record View(
        Edition edition, Instant now, String origin, Mode mode, StyleSheet style, SiteMark mark, Wrapping wrapping) {

    /** Whom a page is written for. */
    public enum Mode {
        /** Visitors: nothing unfilled, no marks. */
        VISITOR,
        /** Managers: sections and elements can be pointed at, places to fill show their prompt. */
        MARKED
    }

    public static View of(Edition edition, Instant now, String origin, Mode mode) {
        return new View(
                edition,
                now,
                origin,
                mode,
                StyleSheet.of(edition.theme(), edition::media),
                SiteMark.of(edition.site().name(), edition.theme()),
                Wrapping.NONE);
    }

    /** The same, with something around its pages. */
    public View wrapped(Wrapping around) {
        return new View(edition, now, origin, mode, style, mark, around);
    }

    public boolean isMarked() {
        return mode == Mode.MARKED;
    }

    /** Whether visitors of this edition can see the page: it and all above it are on the site. */
    public boolean shows(Page page) {
        return edition.plan().isShown(page.id());
    }

    /** The time of day in the site's zone. */
    LocalDateTime localTime() {
        return LocalDateTime.ofInstant(now, edition.site().zone());
    }

    Locale locale() {
        return Locale.forLanguageTag(edition.site().language());
    }

    /** Where a page is served, with scheme and host. */
    public String canonical(Page page) {
        return origin + path(page);
    }

    /** A path, percent-encoded (RFC 3986). */
    public static String encoded(String path) {
        return Paths.encode(path);
    }

    /** Where a page is served, percent-encoded (RFC 3986). */
    public String path(Page page) {
        return encoded(edition.servedAt(page));
    }
}
