package venue.server.delivery;

import java.net.URI;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeMap;
import venue.core.live.delivery.Bundle;
import venue.core.live.delivery.Copy;
import venue.core.live.delivery.Manifest.Held;
import venue.server.live.FileTypes;
import venue.server.live.HeldSite;
import venue.server.live.SiteHeaders;

/**
 * How nginx serves what lies by hash: one table of addresses, in parts that change as bundles do, and a server that reads it. Whoever follows
 * the manifest puts in where things lie: {@code @maps@}, and {@code @root@} for a folder or {@code @scheme@}, {@code @host@}, {@code @name@},
 * {@code @at@} and {@code @path@} for object storage, with {@code @keeps@} and {@code @cached@} where nginx keeps what it got there.
 */
final class NginxMap {

    private static final String BRANCH = "/*";
    private static final List<String> FIELDS =
            List.of("status", "key", "zip", "own", "to", "policy", "kept", "download", "type");

    /** The number of the form of a line. Another form has another name: who follows fetches no map twice. */
    private static final int FORM = 1;

    private static final String MORE = """
            map $VVkept $VVshared { default ""; "FOREVER" "*"; }
            map $VVto $VVleads { default ""; "~^\\?(.+)$" $1$is_args$args; "~^([^?].*)$" $1; }
            map "$VVzip $http_accept_encoding" $VVending { default ""; "~^z .*\\bbr\\b" .br; "~^z .*\\bgzip\\b" .gz; }
            map $VVzip $VVvary { default ""; z Accept-Encoding; }
            # Storage may write types otherwise than they were given to it.
            map "$upstream_status$upstream_cache_status" $VVasked { default ""; "~." $VVtype; }

            """;

    private static final String FILES = """
                root "@root@";
                gzip_static on;
                gzip_vary on;
                gzip_proxied any;
                @brotli@
            """;

    private static final String STORE = """
                add_header Vary $VVvary always;
                add_header Content-Type $VVasked always;
                proxy_hide_header Content-Type;
                @cached@
                proxy_cache_key "$VVkey$VVending";
                proxy_http_version 1.1;
                proxy_ssl_server_name on;
                proxy_ssl_name "@name@";
                proxy_set_header Host "@host@";
                proxy_set_header Connection "";
                proxy_set_header Cookie "";
                proxy_set_header Authorization "";
                proxy_hide_header Cache-Control;
                proxy_hide_header Content-Disposition;
                proxy_hide_header x-amz-request-id;
                proxy_hide_header x-amz-id-2;
                proxy_hide_header x-amz-version-id;
                proxy_hide_header x-amz-storage-class;
                proxy_hide_header x-amz-server-side-encryption;
                proxy_intercept_errors on;
            """;

    private static final String LOCATIONS = """

                if ($request_method !~ ^(GET|HEAD)$) { return 405; }
                error_page 301 =301 /-/nothing;
                error_page 404 410 @told;
                error_page 403 =404 @told;
                location = /-/nothing { internal; default_type "text/plain; charset=utf-8"; return 200; }
                location @told { GIVEN }
                location / {
                    if ($VVstatus = 301) { return 301 $VVleads; }
                    if ($VVstatus = 410) { return 410; }
                    rewrite ^(/.*[^/])/+$ $1? permanent;
                    if ($VVstatus = 404) { return 404; }
                    GIVEN
                }
            """;

    private NginxMap() {}

    static String key(Held held) {
        return ".venue/maps/" + name(held);
    }

    private static String name(Held held) {
        return held.hash() + "-" + FORM + ".map";
    }

    /** An address a line: {@code status|key|compressed|own address|leads to|policy|kept|download|type}. */
    static String lines(Bundle bundle) {
        StringBuilder lines = new StringBuilder();
        Set<String> known = new HashSet<>();
        new TreeMap<>(bundle.copies()).values().forEach(copy -> {
            // nginx takes large and small letters for the same, and no table may say one twice.
            if (!copy.at().equals(HeldSite.NOWHERE) && known.add(copy.at().toLowerCase(Locale.ROOT))) {
                line(copy, lines);
            }
        });
        return lines.toString();
    }

    private static void line(Copy copy, StringBuilder lines) {
        boolean branch = copy.at().endsWith(BRANCH);
        lines.append(quoted(branch ? pattern(copy.at()) : copy.at()))
                .append(' ')
                .append(quoted(value(copy, branch ? "*" : copy.at())))
                .append(";\n");
    }

    /** Where branches meet, nginx takes the first: whoever puts the parts together sorts these, the longest first. */
    private static String pattern(String at) {
        return "~^" + at.substring(0, at.length() - BRANCH.length()).replaceAll("([^\\p{L}\\p{N}/_-])", "\\\\$1")
                + "(/|$)";
    }

    private static String value(Copy copy, String own) {
        Copy.Answers answers = copy.answers();
        boolean within = answers.to().startsWith("/") && answers.to().indexOf('#') < 0;
        return String.join(
                "|",
                List.of(
                        String.valueOf(answers.status()),
                        copy.lies().key(),
                        copy.lies().zipped() ? "z" : "",
                        own,
                        (within ? "?" : "") + bare(answers.to()),
                        answers.policy(),
                        answers.kept(),
                        bare(answers.download()),
                        answers.type()));
    }

    /** nginx would take it for a variable. */
    private static String bare(String words) {
        return words.replace("$", "%24").replace("|", "%7C");
    }

    private static String quoted(String words) {
        return '"' + words.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
    }

    /**
     * The server that reads the table.
     *
     * @param nowhere what is answered where nothing is
     * @param folder whether nginx reads the files itself, or asks object storage for them
     */
    static String server(Collection<Held> bundles, Goal goal, Copy nowhere, boolean folder) {
        String v = "$venue_" + goal.site().replaceAll("[^a-z0-9]", "_") + "_";
        String missing = quoted(value(nowhere, "*"));
        StringBuilder text = new StringBuilder();
        text.append("# Serves one release of a site. Written by Venue, put in place by deploy/follow.\n\n")
                .append("map $uri ")
                .append(v)
                .append("at {\n    default ")
                .append(missing)
                .append(";\n");
        bundles.stream()
                .map(h -> "    include @maps@/" + name(h) + ";\n")
                .sorted()
                .forEach(text::append);
        text.append("}\n\n");
        // nginx takes large and small letters for the same; a site doesn't.
        text.append("map \"$uri|")
                .append(v)
                .append("at\" ")
                .append(v)
                .append("is {\n    default ")
                .append(missing)
                .append(";\n    \"~^[^|]*\\|([^|]*\\|[^|]*\\|[^|]*\\|\\*\\|.*)$\" $1;\n")
                .append("    \"~^([^|]*)\\|([^|]*\\|[^|]*\\|[^|]*\\|\\1\\|.*)$\" $2;\n}\n\n");
        for (int i = 0; i < FIELDS.size(); i++) {
            text.append("map ")
                    .append(v)
                    .append("is ")
                    .append(v)
                    .append(FIELDS.get(i))
                    .append(" { default \"\"; \"~^");
            text.append("[^|]*\\|".repeat(i)).append("([^|]*)\" $1; }\n");
        }
        text.append(MORE.replace("$VV", v).replace("FOREVER", SiteHeaders.FOR_EVER));
        if (!folder) {
            text.append("@keeps@\nupstream ").append(v.substring(1)).append("store { server @at@; keepalive 16; }\n\n");
        }
        return text.append(served(v, goal, folder)).toString();
    }

    private static String served(String v, Goal goal, boolean folder) {
        StringBuilder text = new StringBuilder();
        text.append("server {\n    listen @listen@;\n    server_name ")
                .append(URI.create(goal.address()).getHost())
                .append(";\n    charset off;\n    absolute_redirect off;\n    gzip off;\n");
        header(text, "Content-Security-Policy", v + "policy");
        header(text, "Cache-Control", v + "kept");
        header(text, "Content-Disposition", v + "download");
        header(text, "Access-Control-Allow-Origin", v + "shared");
        SiteHeaders.ALL.forEach((name, value) -> header(text, name, quoted(value)));
        text.append(folder ? types() + FILES : STORE.replace("$VV", v));
        text.append(LOCATIONS
                .replace(
                        "GIVEN",
                        folder ? "try_files /$VVkey =404;" : "proxy_pass @scheme@://STORE@path@/$VVkey$VVending;")
                .replace("STORE", v.substring(1) + "store")
                .replace("$VV", v));
        return text.append("}\n").toString();
    }

    private static String types() {
        StringBuilder text = new StringBuilder("    types {\n");
        FileTypes.all()
                .forEach((ending, type) -> text.append("        ")
                        .append(quoted(type))
                        .append(' ')
                        .append(ending)
                        .append(";\n"));
        return text.append("    }\n    default_type application/octet-stream;\n")
                .toString();
    }

    private static void header(StringBuilder text, String name, String value) {
        text.append("    add_header ").append(name).append(' ').append(value).append(" always;\n");
    }
}
