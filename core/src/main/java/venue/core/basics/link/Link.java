package venue.core.basics.link;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import venue.core.basics.fault.Refusal;

/**
 * A link as it is kept: {@code page:ID}, {@code page:ID#anchor}, {@code media:ID}, a path on the site, {@code #anchor},
 * or an outside address with http, https, mailto or tel (RFC 3986).
 */
public record Link(@JsonValue String target) {

    private static final Set<String> OUTSIDE = Set.of("http", "https", "mailto", "tel");
    private static final int LONGEST = 2_000;
    private static final String PAGE = "page:";
    private static final String MEDIA = "media:";

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public Link {
        if (!isAllowed(target)) {
            throw Refusal.badInput(
                    "link-not-allowed",
                    "link",
                    "“" + target.substring(0, Math.min(80, target.length())) + "” can't be a link.",
                    "Choose a page, or give an address that begins with https://, http://, mailto: or tel:.");
        }
    }

    /** The link meant, when {@code target} is one of the forms that a link may have. */
    public static Optional<Link> find(String target) {
        return isAllowed(target) ? Optional.of(new Link(target)) : Optional.empty();
    }

    /** A link that leads to a page and follows it wherever it moves. */
    public static Link toPage(String pageId) {
        return new Link("page:" + pageId);
    }

    public static Link toMedia(String mediaId) {
        return new Link("media:" + mediaId);
    }

    /** Whether {@code target} is one of the forms that a link may have. */
    public static boolean isAllowed(String target) {
        if (target.isBlank() || target.length() > LONGEST || hasControls(target)) {
            return false;
        }
        if (target.startsWith("#") || (target.startsWith("/") && !target.startsWith("//") && !target.contains("\\"))) {
            return true;
        }
        if (target.startsWith(PAGE) || target.startsWith(MEDIA)) {
            return isOwn(target, target.indexOf(':') + 1);
        }
        int colon = target.indexOf(':');
        if (colon < 0) {
            return false;
        }
        String scheme = target.substring(0, colon).toLowerCase(Locale.ROOT);
        return OUTSIDE.contains(scheme) && isUri(target);
    }

    /** The page meant, when it is a page of the site. */
    public Optional<String> pageId() {
        return id(PAGE);
    }

    /** The file meant, when it is a file of the site. */
    public Optional<String> mediaId() {
        return id(MEDIA);
    }

    /** {@code #anchor} of a link to a page, or an empty text. */
    public String anchor() {
        int hash = target.indexOf('#');
        return hash < 0 ? "" : target.substring(hash);
    }

    /** Whether the link leaves the site. */
    public boolean isOutside() {
        return OUTSIDE.contains(
                target.substring(0, Math.max(0, target.indexOf(':'))).toLowerCase(Locale.ROOT));
    }

    private Optional<String> id(String scheme) {
        if (!target.startsWith(scheme)) {
            return Optional.empty();
        }
        int hash = target.indexOf('#');
        return Optional.of(target.substring(scheme.length(), hash < 0 ? target.length() : hash));
    }

    /** An id of 1 to 40 letters, digits and hyphens, and perhaps an anchor. */
    private static boolean isOwn(String target, int from) {
        int hash = target.indexOf('#', from);
        int end = hash < 0 ? target.length() : hash;
        for (int i = from; i < end; i++) {
            char c = target.charAt(i);
            if (!(c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c == '-')) {
                return false;
            }
        }
        return end > from
                && end - from <= 40
                && (hash < 0 || target.substring(hash + 1).matches("[\\w-]*"));
    }

    private static boolean hasControls(String target) {
        for (int i = 0; i < target.length(); i++) {
            char c = target.charAt(i);
            if (c < 0x20 || c == 0x7f) {
                return true;
            }
        }
        return false;
    }

    private static boolean isUri(String target) {
        try {
            return new URI(target.replace(" ", "%20")).isAbsolute();
        } catch (URISyntaxException e) {
            return false;
        }
    }

    /** The path on this site that is written out, without what follows it; empty for any other link, and for the front. */
    public Optional<String> sitePath() {
        String path = target.replaceAll("[?#].*", "");
        return path.length() > 1 && path.startsWith("/") ? Optional.of(path) : Optional.empty();
    }
}
