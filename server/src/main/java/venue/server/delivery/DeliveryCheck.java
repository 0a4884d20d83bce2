package venue.server.delivery;

import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.live.delivery.Layout;
import venue.store.delivery.Delivery;
import venue.store.delivery.Delivery.Bucket;
import venue.store.delivery.Delivery.Call;
import venue.store.delivery.Delivery.Goes;

/** Holds what somebody says of a delivery to what it can be: an allow-list, one refusal for each thing that it isn't. */
public final class DeliveryCheck {

    private static final int LONGEST_NAME = 60;
    private static final int MOST_HEADERS = 5;
    private static final int LONGEST = 500;
    private static final Set<String> METHODS = Set.of("POST", "PUT", "PATCH", "DELETE", "PURGE");
    private static final String PLAIN =
            "Write scheme and host, as https://www.example.org, and a port where there is one.";

    private DeliveryCheck() {}

    /**
     * The delivery, if it can be one.
     *
     * @param data the server's own folder, which nothing is delivered into
     * @param others the other deliveries of the site
     */
    public static Delivery of(
            SiteId site, String id, @Nullable String name, @Nullable Goes goes, Path data, List<Delivery> others) {
        String called = name == null ? "" : name.strip();
        if (called.isEmpty() || called.length() > LONGEST_NAME || !called.matches("[\\p{L}\\p{N} ._-]+")) {
            throw bad(
                    "name",
                    "A delivery has a name of 1 to 60 letters, digits, spaces, dots and dashes.",
                    "Give it one.");
        }
        if (others.stream().anyMatch(d -> d.name().equalsIgnoreCase(called) && !d.id().equals(id))) {
            throw bad(
                    "name", "This site has a delivery named “" + called + "” already.", "Give this one another name.");
        }
        if (goes == null) {
            throw bad("goes", "It says nowhere where it goes.", "Name a folder or a bucket.");
        }
        String folder = folder(goes.folder(), data);
        Bucket bucket = bucket(goes.bucket());
        if (folder.isEmpty() == bucket.name().isEmpty()) {
            throw bad("goes", "A delivery goes to a folder or to a bucket.", "Name one of the two.");
        }
        return new Delivery(
                site,
                id,
                called,
                new Goes(
                        folder,
                        bucket,
                        Objects.requireNonNullElse(goes.layout(), Layout.AT_ADDRESSES),
                        origin("address", goes.address()),
                        isBlank(goes.server()) ? "" : origin("server", goes.server()),
                        call(goes.call())));
    }

    private static Refusal bad(String field, String says, String fix) {
        return Refusal.badInput("unfit-delivery", field, says, fix);
    }

    private static boolean isBlank(@Nullable String words) {
        return words == null || words.isBlank();
    }

    private static String plain(@Nullable String words) {
        return words == null ? "" : words.strip();
    }

    private static String folder(@Nullable String named, Path data) {
        String words = plain(named);
        if (words.isEmpty()) {
            return "";
        }
        try {
            Path folder = Path.of(words);
            Path at = folder.normalize();
            Path own = data.toAbsolutePath().normalize();
            if (!folder.isAbsolute() || at.getNameCount() == 0) {
                throw bad("folder", words + " is no absolute path of a folder.", "Begin with /, as /srv/www/site.");
            }
            if (at.startsWith(own) || own.startsWith(at)) {
                throw bad("folder", "The server keeps its own data in " + words + ".", "Name another folder.");
            }
            return at.toString();
        } catch (InvalidPathException unfit) {
            throw bad("folder", "That is no path of a folder.", "Begin with /, as /srv/www/site.");
        }
    }

    private static Bucket bucket(@Nullable Bucket named) {
        if (named == null || isBlank(named.name())) {
            return Bucket.NONE;
        }
        String name = plain(named.name());
        if (!name.matches("[a-z0-9][a-z0-9.-]{1,61}[a-z0-9]")) {
            throw bad(
                    "bucket",
                    "“" + cut(name) + "” is no name of a bucket.",
                    "Names have 3 to 63 small letters, digits, dots and dashes.");
        }
        String prefix = plain(named.prefix()).replaceAll("^/+|/+$", "");
        if (!prefix.matches("([A-Za-z0-9_-][A-Za-z0-9._-]*(/[A-Za-z0-9_-][A-Za-z0-9._-]*)*)?")
                || prefix.length() > LONGEST) {
            throw bad(
                    "prefix",
                    "“" + cut(prefix) + "” can’t be what keys begin with.",
                    "Take letters, digits, dots, dashes and slashes.");
        }
        String region = plain(named.region());
        if (!region.matches("[a-z0-9-]{0,40}")) {
            throw bad(
                    "region", "“" + cut(region) + "” is no region.", "Write it as its storage does, as eu-central-1.");
        }
        String endpoint = isBlank(named.endpoint()) ? "" : origin("endpoint", named.endpoint());
        return new Bucket(endpoint, region, name, prefix, named.pathStyle(), named.redirects());
    }

    /** Scheme, host and port, without a slash at the end. */
    private static String origin(String field, @Nullable String words) {
        String given = plain(words).replaceAll("/+$", "");
        URI uri = uri(field, given);
        boolean bare = uri.getRawPath() == null || uri.getRawPath().isEmpty();
        if (!bare || uri.getRawQuery() != null || uri.getRawFragment() != null || uri.getRawUserInfo() != null) {
            throw bad(field, "“" + cut(given) + "” says more than an address needs.", PLAIN);
        }
        return uri.getScheme().toLowerCase(Locale.ROOT) + "://" + uri.getHost().toLowerCase(Locale.ROOT)
                + (uri.getPort() < 0 ? "" : ":" + uri.getPort());
    }

    private static URI uri(String field, String given) {
        try {
            URI uri = new URI(given);
            String scheme = String.valueOf(uri.getScheme()).toLowerCase(Locale.ROOT);
            if (uri.getHost() != null
                    && (scheme.equals("http") || scheme.equals("https"))
                    && given.length() <= LONGEST) {
                return uri;
            }
        } catch (URISyntaxException unfit) {
            // Told below, as what else is none.
        }
        throw bad(field, "“" + cut(given) + "” is no address.", PLAIN);
    }

    private static Call call(@Nullable Call named) {
        if (named == null || isBlank(named.address())) {
            return Call.NONE;
        }
        String address = plain(named.address());
        uri("call", address);
        String method = isBlank(named.method()) ? "POST" : plain(named.method()).toUpperCase(Locale.ROOT);
        if (!METHODS.contains(method)) {
            throw bad(
                    "method",
                    "“" + cut(method) + "” can’t be the method of the call.",
                    "There are " + String.join(", ", METHODS.stream().sorted().toList()) + ".");
        }
        if (named.headers().size() > MOST_HEADERS) {
            throw bad("headers", "A call has at most 5 headers of its own.", "Leave out what isn’t needed.");
        }
        for (String header : named.headers()) {
            if (!header.matches("[A-Za-z0-9-]{1,60}")) {
                throw bad(
                        "headers", "“" + cut(header) + "” is no name of a header.", "Take letters, digits and dashes.");
            }
        }
        return new Call(address, method, named.headers());
    }

    private static String cut(String words) {
        return words.length() > LONGEST_NAME ? words.substring(0, LONGEST_NAME) + "…" : words;
    }
}
