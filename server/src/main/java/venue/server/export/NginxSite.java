package venue.server.export;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import venue.server.live.HeldSite;
import venue.server.live.SiteHeaders;

/** How nginx is to serve an exported site: redirects, types, what is not there, and the headers of each page. */
final class NginxSite {

    /** What nginx takes for one entry of a map without being told; a power of two. */
    private static final int BUCKET = 64;

    private static final int ENTRIES = 2048;
    private static final int BESIDE_THE_KEY = 26;

    private static final String NOTHING = "/-/nothing";

    private final String variable;
    private final List<String> hosts;
    private final Path folder;
    private final Map<String, String> moved = new TreeMap<>();
    private final Map<String, String> gone = new TreeMap<>();
    private final Branches branches = new Branches();
    private final Map<String, String> types = new TreeMap<>();
    private final Map<String, String> policies = new TreeMap<>();
    private final Map<String, String> kept = new TreeMap<>();
    private final Map<String, String> downloads = new TreeMap<>();

    NginxSite(String id, List<String> hosts, Path folder) {
        variable = "$venue_" + id.replaceAll("[^a-z0-9]", "_") + "_";
        this.hosts = hosts;
        this.folder = folder;
        kept.put(NOTHING, "no-cache");
    }

    /** What leads to another address of the site takes along what else was asked. */
    void moved(String path, String to) {
        String answer = to.startsWith("/") && to.indexOf('#') < 0 ? to + "$is_args$args" : to;
        if (!branches.moved(path, answer)) {
            put(moved, path, answer);
        }
    }

    void gone(String path) {
        if (!branches.gone(path)) {
            put(gone, path, "1");
        }
    }

    /** With a slash at its end, too: whoever asks arrives in one step. */
    private static void put(Map<String, String> answers, String path, String answer) {
        answers.put(path, answer);
        if (!path.endsWith("/")) {
            answers.put(path + "/", answer);
        }
    }

    void serves(String file, HeldSite.Answer answer) {
        branches.serves(answer.path());
        types.put(file.substring(file.lastIndexOf('.') + 1), answer.headers().type());
        policies.put(file, answer.headers().policy());
        kept.put(file, answer.headers().kept());
        if (answer.headers().download() != null) {
            downloads.put(file, answer.headers().download());
        }
    }

    String text() {
        StringBuilder text = new StringBuilder();
        text.append("# Serves this folder as Venue serves the site. Written by venue export: what is changed here is\n")
                .append(
                        "# lost at the next export. Include it within http { } of nginx.conf. For HTTPS put a server in front\n")
                .append("# that has the certificate, or copy this file and change the copy.\n\n");
        room(text);
        map(text, "moved", branches.patterns(true), "", branches.beside(moved, gone));
        map(text, "gone", branches.patterns(false), "", branches.beside(gone, moved));
        byUsual(text, "policy", policies);
        byUsual(text, "kept", kept);
        map(text, "download", Map.of(), "", downloads);
        text.append("map ")
                .append(variable)
                .append("kept ")
                .append(variable)
                .append("shared {\n    default \"\";\n    ")
                .append(quoted(SiteHeaders.FOR_EVER))
                .append(" \"*\";\n}\n\n");
        others(text);
        server(text);
        return text.toString();
    }

    /** Long addresses need more room than nginx gives maps by itself. */
    private void room(StringBuilder text) {
        int longest = policies.keySet().stream().mapToInt(String::length).max().orElse(0);
        int longestMoved = moved.keySet().stream()
                .mapToInt(p -> p.getBytes(java.nio.charset.StandardCharsets.UTF_8).length)
                .max()
                .orElse(0);
        int bucket = BUCKET;
        while (bucket < Math.max(longest * 2, longestMoved) + BESIDE_THE_KEY) {
            bucket *= 2;
        }
        int entries = Math.max(policies.size(), moved.size());
        if (bucket > BUCKET || entries > ENTRIES) {
            text.append("# Once in all of nginx: where another site says the same, keep the larger numbers.\n")
                    .append("map_hash_bucket_size ")
                    .append(bucket)
                    .append(";\n")
                    .append("map_hash_max_size ")
                    .append(Math.max(ENTRIES, Integer.highestOneBit(entries) * 4))
                    .append(";\n\n");
        }
    }

    /** What most pages have, and most files beside them, is said once. */
    private void byUsual(StringBuilder text, String name, Map<String, String> all) {
        Map<String, String> pages = new TreeMap<>(all);
        Map<String, String> files = new TreeMap<>(all);
        pages.keySet().removeIf(p -> p.startsWith("/-/"));
        files.keySet().removeIf(p -> !p.startsWith("/-/"));
        String ofPages = usual(pages);
        String ofFiles = usual(files);
        Map<String, String> rest = new TreeMap<>();
        pages.forEach((path, value) -> {
            if (!value.equals(ofPages)) {
                rest.put(path, value);
            }
        });
        files.forEach((path, value) -> {
            if (!value.equals(ofFiles)) {
                rest.put(path, value);
            }
        });
        map(text, name, Map.of("~^/-/", ofFiles), ofPages, rest);
    }

    private static String usual(Map<String, String> all) {
        Map<String, Integer> counts = new HashMap<>();
        all.values().forEach(v -> counts.merge(v, 1, Integer::sum));
        return counts.entrySet().stream()
                .max(Map.Entry.<String, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .orElse("");
    }

    private void map(
            StringBuilder text, String name, Map<String, String> patterns, String usual, Map<String, String> all) {
        text.append("map $uri ")
                .append(variable)
                .append(name)
                .append(" {\n    default ")
                .append(quoted(usual))
                .append(";\n");
        patterns.forEach((pattern, value) -> line(text, quoted(pattern), value));
        all.forEach((path, value) -> line(text, quoted(path), value));
        text.append("}\n\n");
    }

    private static void line(StringBuilder text, String key, String value) {
        text.append("    ").append(key).append(' ').append(quoted(value)).append(";\n");
    }

    private static String quoted(String words) {
        return '"' + words.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
    }

    /** The site's other names lead to its own. */
    private void others(StringBuilder text) {
        if (hosts.size() > 1) {
            text.append("server {\n    listen 80;\n    server_name ")
                    .append(String.join(" ", hosts.subList(1, hosts.size())))
                    .append(";\n    return 301 $scheme://")
                    .append(hosts.get(0))
                    .append("$request_uri;\n}\n\n");
        }
    }

    private void types(StringBuilder text) {
        text.append("    charset off;\n    absolute_redirect off;\n    types {\n");
        types.forEach((ending, type) -> text.append("        ")
                .append(quoted(type))
                .append(' ')
                .append(ending)
                .append(";\n"));
        text.append("    }\n    default_type application/octet-stream;\n");
    }

    private void server(StringBuilder text) {
        text.append("server {\n    listen 80;\n    server_name ")
                .append(hosts.get(0))
                .append(";\n    root ")
                .append(quoted(folder.toString()))
                .append(";\n");
        types(text);
        text.append("    error_page 404 /").append(Export.NOT_FOUND).append(";\n");
        text.append("    error_page 410 /").append(Export.GONE).append(";\n");
        // A redirect has no words of its own, as Venue's have none.
        text.append("    error_page 301 =301 " + NOTHING + ";\n\n");
        header(text, "Content-Security-Policy", variable + "policy");
        header(text, "Cache-Control", variable + "kept");
        header(text, "Content-Disposition", variable + "download");
        header(text, "Access-Control-Allow-Origin", variable + "shared");
        SiteHeaders.ALL.forEach((name, value) -> header(text, name, quoted(value)));
        text.append("""

                    if ($request_method !~ ^(GET|HEAD)$) { return 405; }
                    location = %5$s { internal; default_type "text/plain; charset=utf-8"; return 200; }
                    location = /%1$s { internal; }
                    location = /%2$s { internal; }
                    location ~ ^/(%3$s$|\\.)|/index\\.html$ { return 404; }
                    location = / { try_files /index.html =404; }
                    location / {
                        if (%4$sgone) { return 410; }
                        if (%4$smoved) { return 301 %4$smoved; }
                        rewrite ^(/.*[^/])/+$ $1? permanent;
                        try_files $uri $uri/index.html =404;
                    }
                }
                """.formatted(
                        Export.NOT_FOUND, Export.GONE, Export.CONFIGURATION.replace(".", "\\."), variable, NOTHING)
                .replaceAll("(?m)^ {4}(?=[il ])", "    "));
    }

    private static void header(StringBuilder text, String name, String value) {
        text.append("    add_header ").append(name).append(' ').append(value).append(" always;\n");
    }
}
