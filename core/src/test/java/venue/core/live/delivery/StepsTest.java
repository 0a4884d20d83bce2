package venue.core.live.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class StepsTest {

    private static final String KEPT = "no-cache";
    private static final String FOR_EVER = "public, max-age=31536000, immutable";

    private static Copy page(String at, String words, List<String> files) {
        return copy(at, at.substring(1) + "/index.html", words, KEPT, files);
    }

    private static Copy copy(String at, String key, String words, String kept, List<String> names) {
        return new Copy(
                at,
                new Copy.Lies(key, words, words.length(), false),
                new Copy.Answers(200, "text/html", kept, "", "", ""),
                "",
                names,
                List.of(),
                null);
    }

    /** A site of some pages, each made of some files that are named by what they hold. */
    private static Map<String, Copy> site(Random chance, int version) {
        Map<String, Copy> all = new TreeMap<>();
        for (int n = 0; n < 12; n++) {
            if (chance.nextInt(4) > 0) {
                List<String> files = new ArrayList<>();
                for (int f = 0; f < chance.nextInt(3); f++) {
                    String file = "/-/media/" + chance.nextInt(20) + ".jpg";
                    files.add(file);
                    all.put(file, copy(file, file.substring(1), file, FOR_EVER, List.of()));
                }
                int of = chance.nextInt(3) == 0 ? version : 0;
                all.put("/p" + n, page("/p" + n, "p" + n + " of " + of + files, files));
            }
        }
        return all;
    }

    /** The law: after each single step, each page is of then or of now, and its files are there. */
    @Test
    void atEachMomentEveryPageIsOfThenOrNowWithItsFiles() {
        for (long seed = 1; seed <= 300; seed++) {
            Random chance = new Random(seed);
            Map<String, Copy> before = site(chance, 1);
            Map<String, Copy> after = site(chance, 2);
            Map<String, String> there = new HashMap<>();
            before.values().forEach(c -> there.put(c.lies().key(), c.lies().hash()));
            for (Steps.Step step :
                    Steps.between(Layout.AT_ADDRESSES, before, after, Set.of()).all()) {
                if (step.puts()) {
                    there.put(step.copy().lies().key(), step.copy().lies().hash());
                } else {
                    there.remove(step.copy().lies().key());
                }
                holds(there, before, after);
            }
            after.values()
                    .forEach(c -> assertThat(there)
                            .containsEntry(c.lies().key(), c.lies().hash()));
            assertThat(Steps.between(Layout.AT_ADDRESSES, after, after, Set.of())
                            .all())
                    .isEmpty();
        }
    }

    private static void holds(Map<String, String> there, Map<String, Copy> before, Map<String, Copy> after) {
        there.forEach((key, hash) -> {
            if (key.endsWith("index.html")) {
                String at = "/" + key.replace("/index.html", "");
                Copy page = List.of(before, after).stream()
                        .flatMap(s -> java.util.stream.Stream.ofNullable(s.get(at)))
                        .filter(c -> c.lies().hash().equals(hash))
                        .findFirst()
                        .orElseThrow();
                page.names().forEach(f -> assertThat(there).containsKey(f.substring(1)));
            }
        });
    }

    @Test
    void aBundleAndAManifestAreReadAsTheyWereWritten() throws IOException {
        Copy timed = new Copy(
                "/visit",
                new Copy.Lies("visit/index.html", "ab", 2, true),
                new Copy.Answers(301, "text/html", KEPT, "default-src 'none'", "", "/other"),
                "visit",
                List.of("/-/page.js"),
                List.of("/visit/-/2"),
                Instant.parse("2026-12-01T00:00:00Z"));
        Bundle bundle = new Bundle(Map.of("/visit", timed, "/", page("/", "home", List.of())));
        assertThat(Bundle.read(bundle.bytes())).isEqualTo(bundle);
        assertThat(bundle.due()).contains(Instant.parse("2026-12-01T00:00:00Z"));
        Manifest empty = Manifest.empty("moor", Layout.BY_HASH);
        Manifest leased = empty.leased(new Manifest.Lease("run", Instant.EPOCH))
                .going(Map.of("0a", new Manifest.Held("cd", null), "0b", new Manifest.Held("", null)));
        assertThat(Manifest.read(leased.bytes())).isEqualTo(leased);
        Manifest arrived = leased.arrived(
                new Manifest.Shows("https://moor.example", 3, "0.1.0"),
                new Manifest.Going(null, Map.of(), "", "", null));
        assertThat(arrived.holds()).containsOnlyKeys("0a");
        assertThat(arrived.release()).isEqualTo(3);
    }
}
