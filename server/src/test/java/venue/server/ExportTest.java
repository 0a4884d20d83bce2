package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import venue.store.database.DataFolder;

/** The demo as plain files that Debian's nginx serves: what it answers is what Venue answers. */
@ServerTest
class ExportTest {

    private static final List<String> SAME = List.of(
            "Location",
            "Cache-Control",
            "Content-Security-Policy",
            "Access-Control-Allow-Origin",
            "Content-Disposition",
            "X-Content-Type-Options",
            "Referrer-Policy",
            "Permissions-Policy",
            "Cross-Origin-Opener-Policy");

    @LocalServerPort
    private int port;

    @Autowired
    private DataFolder folder;

    @TempDir
    Path top;

    private final ByteArrayOutputStream told = new ByteArrayOutputStream();

    @BeforeEach
    void readable() {
        top.toFile().setExecutable(true, false);
        top.toFile().setReadable(true, false);
    }

    private int export(Path to, String... more) {
        PrintWriter out = new PrintWriter(told, true, StandardCharsets.UTF_8);
        List<String> line = new java.util.ArrayList<>(
                List.of("export", "--data", folder.path().toString()));
        line.addAll(List.of("--port", String.valueOf(port), "--site", Client.SITE, "--to", to.toString()));
        line.addAll(List.of(more));
        told.reset();
        return Venue.run(new Venue(null, Path.of("")), out, out, line.toArray(String[]::new));
    }

    private String told() {
        return told.toString(StandardCharsets.UTF_8);
    }

    /** A page has moved, a branch leads on and one within it is gone, another page stands where none is shown yet. */
    private static void release(Client maja) {
        json(maja.give("set-segment", "page", "tonight", "segment", "this-evening"));
        json(maja.give("lead-on", "from", "/visit/*", "to", "page:learn#top"));
        json(maja.give("say-gone", "from", "/visit/old.days/*"));
        json(maja.give("set-value", "item", "site", "key", "basket", "value", "none"));
        List<String> all = json(maja.get("/api/sites/kestrel-moor/releases/waiting"))
                .get("changes")
                .findValuesAsString("item");
        json(maja.post("/api/sites/kestrel-moor/releases", Client.json("items", all, "note", "")));
    }

    @Test
    void nginxAnswersEveryAddressAsVenueDoes() throws Exception {
        release(Client.signedIn(port, "maja"));
        Path site = top.resolve("site");
        assertThat(export(site)).as("%s", told()).isZero();
        Client venue = new Client(port);
        int free = Nginx.freePort();
        String conf = Files.readString(site.resolve("nginx-site.conf")).replace("listen 80;", "listen " + free + ";");
        try (Nginx nginx = Nginx.start(top, conf, free)) {
            Client other = new Client(nginx.port());
            String sitemap = venue.visit(Client.SITE, "GET", "/sitemap-1.xml").body();
            List<String> addresses = Pattern.compile("<(?:image:)?loc>http://[^/]+(/[^<]*)</")
                    .matcher(sitemap)
                    .results()
                    .map(r -> r.group(1))
                    .toList();
            assertThat(addresses).hasSizeGreaterThan(40);
            Stream<String> beside = Stream.of(
                    "/welcome-to-the-moor",
                    "/tonight",
                    "/visit/",
                    "/visit/nowhere",
                    "/visit/old.days/a",
                    "/visit/oldxdays/a",
                    "/learn/index.html",
                    "/nowhere",
                    "/404.html",
                    "/nginx-site.conf",
                    "/.venue-export",
                    "/robots.txt",
                    "/sitemap.xml");
            Stream<String> parts = files(site).filter(f -> f.startsWith("/-/"));
            for (String path : (Iterable<String>)
                    Stream.of(addresses.stream(), beside, parts).flatMap(s -> s)::iterator) {
                same(path, venue.bytes(path), other.bytes(path));
            }
        }
    }

    private static Stream<String> files(Path site) throws IOException {
        try (Stream<Path> all = Files.walk(site)) {
            return all.filter(Files::isRegularFile).map(f -> "/" + site.relativize(f)).toList().stream();
        }
    }

    /** What visitors do here doesn't leave this machine: forms, what is left of places, what they say and how they rate. */
    private static final Pattern LEFT = Pattern.compile("places? left<|>full( ·|<)");

    private static final Pattern VISITORS =
            Pattern.compile("class=\"(filling\"|take|traces|comments|rating\")|" + LEFT);

    private static String words(String page) {
        Document read = Jsoup.parse(page);
        read.select(".filling, .take, .traces, .comments, .rating").remove();
        return read.select("main").text();
    }

    private static void same(String path, HttpResponse<byte[]> one, HttpResponse<byte[]> other) {
        assertThat(other.statusCode()).as(path).isEqualTo(one.statusCode());
        String here = new String(one.body(), StandardCharsets.UTF_8);
        if (VISITORS.matcher(here).find()) {
            String there = new String(other.body(), StandardCharsets.UTF_8);
            assertThat(there).as(path).doesNotContainPattern("<form method=\"post|places? left<");
            if (!LEFT.matcher(here).find()) {
                assertThat(words(there)).as(path).isEqualTo(words(here));
            }
            return;
        }
        assertThat(other.body()).as(path).isEqualTo(withoutSignIn(one.body()));
        for (String header : SAME) {
            assertThat(other.headers().firstValue(header))
                    .as("%s of %s", header, path)
                    .isEqualTo(one.headers().firstValue(header));
        }
        assertThat(type(other)).as(path).isEqualTo(type(one));
    }

    /** Nobody signs in where files alone answer. */
    private static byte[] withoutSignIn(byte[] body) {
        String bare = new String(body, StandardCharsets.ISO_8859_1)
                .replaceAll("<a class=\"find\" href=\"/-/sign-in\">[^<]*</a>", "");
        return bare.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static String type(HttpResponse<byte[]> answer) {
        return answer.headers().firstValue("Content-Type").orElse("").replace(" ", "");
    }

    @Test
    void aSecondExportWritesWhatHasChangedAndLeavesOtherFilesAlone() throws IOException {
        Path site = top.resolve("again");
        assertThat(export(site)).isZero();
        assertThat(export(site)).isZero();
        assertThat(told()).contains("0 written", "0 removed");
        Files.delete(site.resolve("visit/index.html"));
        Files.writeString(site.resolve("mine.txt"), "mine");
        Files.writeString(site.resolve("robots.txt"), "other");
        assertThat(export(site)).isZero();
        assertThat(told()).contains("2 written", "0 removed");
        assertThat(site.resolve("mine.txt")).hasContent("mine");
        Path foreign = Files.createDirectories(top.resolve("foreign"));
        Files.writeString(foreign.resolve("theirs.txt"), "theirs");
        assertThat(export(foreign)).isEqualTo(2);
        assertThat(told()).contains("not empty");
        assertThat(files(foreign)).containsExactly("/theirs.txt");
    }
}
