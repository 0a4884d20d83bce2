package venue.core.live.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import venue.core.live.delivery.Manifest.Going;
import venue.core.live.delivery.Manifest.Held;
import venue.core.live.delivery.Manifest.Lease;
import venue.core.live.delivery.Manifest.Shows;

class ManifestTest {

    private static final Instant NOON = Instant.parse("2026-12-01T12:00:00Z");
    private static final List<String> WORDS = List.of("", "visit", "söka", "نجوم", "a b", "\"quoted\"", "x|y");

    private static Copy copy(Random chance) {
        String word = WORDS.get(chance.nextInt(WORDS.size()));
        String at = "/" + word + chance.nextInt(50);
        boolean leads = chance.nextInt(4) == 0;
        return new Copy(
                at,
                leads
                        ? new Copy.Lies("", "", 0, false)
                        : new Copy.Lies(
                                at.substring(1), "h" + chance.nextInt(9), chance.nextInt(9999), chance.nextBoolean()),
                new Copy.Answers(leads ? 301 : 200, "text/html", "no-cache", word, "", leads ? "/to" : ""),
                chance.nextBoolean() ? "" : "p" + chance.nextInt(9),
                chance.nextBoolean() ? List.of() : List.of("/-/media/1.jpg"),
                chance.nextBoolean() ? List.of() : List.of(at + "/feed.json"),
                chance.nextBoolean() ? null : NOON.plusSeconds(chance.nextInt(5000)));
    }

    private static List<Copy> copies(Random chance) {
        Map<String, Copy> all = new TreeMap<>();
        for (int n = chance.nextInt(30); n > 0; n--) {
            Copy copy = copy(chance);
            all.put(copy.at(), copy);
        }
        return new ArrayList<>(all.values());
    }

    private static Map<String, Copy> byAddress(List<Copy> copies) {
        Map<String, Copy> all = new TreeMap<>();
        copies.forEach(c -> all.put(c.at(), c));
        return all;
    }

    @Test
    void aBundleIsReadAsItWasWrittenAndIsTheSameInWhateverOrder() throws IOException {
        for (long seed = 1; seed <= 200; seed++) {
            Random chance = new Random(seed);
            List<Copy> some = copies(chance);
            Bundle bundle = Bundle.EMPTY.with(some, Set.of());
            assertThat(Bundle.read(bundle.bytes())).as("seed %s", seed).isEqualTo(bundle);
            List<Copy> shuffled = new ArrayList<>(some);
            Collections.shuffle(shuffled, chance);
            assertThat(Bundle.EMPTY.with(shuffled, Set.of()).bytes()).isEqualTo(bundle.bytes());
            Optional<Instant> first = some.stream()
                    .flatMap(c -> Optional.ofNullable(c.until()).stream())
                    .min(Instant::compareTo);
            assertThat(bundle.due()).isEqualTo(first);
        }
    }

    @Test
    void whatIsPutTakesThePlaceOfWhatWasThereAndWhatIsGoneGoes() {
        for (long seed = 1; seed <= 200; seed++) {
            Random chance = new Random(seed);
            List<Copy> was = copies(chance);
            List<Copy> put = copies(chance);
            Set<String> gone = new HashSet<>();
            was.stream().map(Copy::at).filter(at -> chance.nextBoolean()).forEach(gone::add);
            Map<String, Copy> expected = byAddress(was);
            expected.keySet().removeAll(gone);
            expected.putAll(byAddress(put));
            assertThat(Bundle.EMPTY.with(was, Set.of()).with(put, gone).copies())
                    .as("seed %s", seed)
                    .isEqualTo(expected);
        }
    }

    @Test
    void aBundleIsOneOf256AndTheSameForAnAddressAlways() {
        Set<String> names = new HashSet<>();
        for (int n = 0; n < 5000; n++) {
            names.add(Bundle.of("/page-" + n));
        }
        assertThat(names).hasSize(256).allMatch(name -> name.matches("[0-9a-f]{2}"));
        assertThat(Bundle.of("/visit")).isEqualTo(Bundle.of("/visit"));
    }

    @Test
    void aManifestSaysWhatIsOnTheWayUntilItHasArrived() throws IOException {
        Manifest none = Manifest.empty("moor", Layout.BY_HASH);
        assertThat(none.release()).isZero();
        Lease lease = new Lease("run", NOON);
        Map<String, Held> next = Map.of("0a", new Held("one", NOON), "ff", new Held("two", null));
        Manifest going = none.leased(lease).going(next);
        Manifest read = Manifest.read(going.bytes());
        assertThat(read).isEqualTo(going);
        assertThat(read.holds()).as("nothing is there yet").isEmpty();
        assertThat(read.going().lease()).isEqualTo(lease);
        Going still = new Going(null, Map.of(), "w", "n", NOON);
        Manifest there = read.arrived(new Shows("https://moor.example", 3, "1"), still);
        assertThat(there.holds()).isEqualTo(next);
        assertThat(there.release()).isEqualTo(3);
        Manifest less = there.going(Map.of("0a", new Held("", null))).arrived(there.shows(), still);
        assertThat(less.holds()).as("a bundle of nothing isn't held").containsOnlyKeys("ff");
        assertThat(Manifest.read(less.bytes())).isEqualTo(less);
    }

    @Test
    void whatIsNoManifestIsRefusedWithTheReason() {
        String other = new String(Manifest.empty("moor", Layout.BY_HASH).bytes(), StandardCharsets.UTF_8)
                .replace("\"format\":1", "\"format\":7");
        assertThatThrownBy(() -> Manifest.read(other.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("the form 7")
                .hasMessageContaining("knows 1");
        for (String rubbish : List.of("", "{", "[]", "\"moor\"", "{\"format\":\"x\"}", "{\"format\":1}")) {
            assertThatThrownBy(() -> Manifest.read(rubbish.getBytes(StandardCharsets.UTF_8)))
                    .as(rubbish)
                    .isInstanceOf(IOException.class);
        }
        assertThatThrownBy(() -> Bundle.read(new byte[] {1, 2, 3})).isInstanceOf(IOException.class);
    }
}
