package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Visitors get one release whole while others are made: each release writes its marker into a page's own words and into what stands around
 * every page. With {@code -Dvenue.all=true} wrk is the visitor.
 */
@ServerTest
class MixtureTest {

    private static final Pattern MARKER = Pattern.compile("marker-(\\d+)-");
    private static final int RELEASES = 10;
    private static final int VISITORS = 4;
    private static final String COUNTING = """
            local threads = {}
            function setup(thread) table.insert(threads, thread) end
            function init(args) wrong = 0 end
            function response(status, headers, body)
              local first = string.match(body, "marker%%-(%%d+)%%-")
              if status ~= 200 or first == nil then wrong = wrong + 1 return end
              for found in string.gmatch(body, "marker%%-(%%d+)%%-") do
                if found ~= first then wrong = wrong + 1 return end
              end
            end
            function done(summary, latency, requests)
              local all = 0
              for _, thread in ipairs(threads) do all = all + thread:get("wrong") end
              io.write("asked " .. summary.requests .. " wrong " .. all .. " errors "
                .. summary.errors.connect + summary.errors.read + summary.errors.write + summary.errors.timeout .. "\\n")
            end
            """.replace("%%", "%");

    @As("maja")
    private Client maja;

    @As
    private Client stranger;

    @LocalServerPort
    private int port;

    @TempDir
    Path folder;

    private void release(int number) {
        String marker = "marker-" + number + "-";
        json(maja.give(
                "set-value",
                "item",
                "welcome",
                "section",
                "welcome-main1",
                "element",
                "e1",
                "key",
                "text",
                "value",
                marker));
        json(maja.give("set-title", "page", "visit", "title", "Visit " + marker));
        json(maja.post(
                "/api/sites/kestrel-moor/releases", Client.json("items", List.of("welcome", "visit"), "note", "")));
    }

    private static Set<String> markers(String body) {
        Set<String> found = new TreeSet<>();
        MARKER.matcher(body).results().forEach(m -> found.add(m.group(1)));
        return found;
    }

    @Test
    void noPageIsMadeOfTwoReleases() throws Exception {
        release(0);
        assertThat(markers(stranger.visit("/").body()))
                .as("in the page and in its menu")
                .containsExactly("0");
        assertThat(MARKER.matcher(stranger.visit("/").body()).results().count()).isGreaterThan(1);
        if (Boolean.getBoolean("venue.all")) {
            underWrk();
            return;
        }
        AtomicBoolean over = new AtomicBoolean();
        AtomicInteger asked = new AtomicInteger();
        ConcurrentLinkedQueue<String> wrong = new ConcurrentLinkedQueue<>();
        List<Thread> visitors = new ArrayList<>();
        for (int i = 0; i < VISITORS; i++) {
            Thread visitor = new Thread(() -> {
                while (!over.get()) {
                    HttpResponse<String> answer = stranger.visit("/");
                    asked.incrementAndGet();
                    if (answer.statusCode() != 200 || markers(answer.body()).size() != 1) {
                        wrong.add(answer.statusCode() + " " + markers(answer.body()));
                    }
                }
            });
            visitor.start();
            visitors.add(visitor);
        }
        for (int n = 1; n <= RELEASES; n++) {
            release(n);
        }
        over.set(true);
        for (Thread visitor : visitors) {
            visitor.join();
        }
        assertThat(wrong).isEmpty();
        assertThat(asked.get()).isGreaterThan(RELEASES);
        assertThat(markers(stranger.visit("/").body())).containsExactly(String.valueOf(RELEASES));
    }

    private void underWrk() throws IOException, InterruptedException {
        Path script = Files.writeString(folder.resolve("counting.lua"), COUNTING);
        Process wrk = new ProcessBuilder(
                        "wrk",
                        "-t2",
                        "-c32",
                        "-d30s",
                        "-s",
                        script.toString(),
                        "-H",
                        "Host: " + Client.SITE + ":" + port,
                        "http://127.0.0.1:" + port + "/")
                .redirectErrorStream(true)
                .start();
        for (int n = 1; n <= RELEASES; n++) {
            release(n);
            assertThat(wrk.waitFor(2, TimeUnit.SECONDS)).as("wrk goes on").isFalse();
        }
        String said = new String(wrk.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        System.out.println("while " + RELEASES + " releases were made: " + said);
        assertThat(said).containsPattern("asked \\d{3,} wrong 0 errors 0");
    }
}
