package venue.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FolderTargetTest {

    private static final List<String> KEYS =
            List.of("index.html", "visit/index.html", "visit/open/index.html", "-/media/a.jpg", ".venue/manifest.json");

    @TempDir
    private Path top;

    private static byte[] bytes(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }

    private static List<String> keys(FolderTarget target, String prefix) {
        List<String> keys = new ArrayList<>();
        target.each(prefix, found -> {
            if (!found.key().endsWith("/lock")) {
                keys.add(found.key());
            }
        });
        return keys;
    }

    @Test
    void itHoldsWhatWasPutAndNotWhatWasRemoved() {
        FolderTarget target = new FolderTarget(top.resolve("to"));
        assertThat(target.isEmpty()).isTrue();
        Map<String, String> expected = new HashMap<>();
        Random chance = new Random(5);
        for (int n = 0; n < 300; n++) {
            String key = KEYS.get(chance.nextInt(KEYS.size()));
            if (chance.nextInt(3) == 0) {
                target.remove(List.of(key));
                expected.remove(key);
            } else {
                target.put(key, Target.Body.plain(bytes("of " + n), "text/plain"));
                expected.put(key, "of " + n);
            }
            assertThat(keys(target, "")).containsExactlyInAnyOrderElementsOf(expected.keySet());
            assertThat(target.get(key).map(g -> new String(g.bytes(), StandardCharsets.UTF_8)))
                    .isEqualTo(Optional.ofNullable(expected.get(key)));
        }
        target.remove(KEYS);
        assertThat(top.resolve("to")).isEmptyDirectory();
    }

    @Test
    void ofTwoWritersWhoReadTheSameTheSecondIsRefused() {
        FolderTarget one = new FolderTarget(top);
        FolderTarget other = new FolderTarget(top);
        Random chance = new Random(7);
        String lies = null;
        String tag = null;
        Map<FolderTarget, Optional<String>> read = new HashMap<>();
        for (int n = 0; n < 200; n++) {
            FolderTarget who = chance.nextBoolean() ? one : other;
            if (chance.nextBoolean()) {
                read.put(who, who.get("m").map(Target.Got::tag));
            } else {
                String mine = read.getOrDefault(who, Optional.empty()).orElse(null);
                Optional<String> now = who.putIf("m", bytes("by " + n), mine);
                boolean first = java.util.Objects.equals(mine, tag);
                assertThat(now.isPresent()).isEqualTo(first);
                if (first) {
                    lies = "by " + n;
                    tag = now.orElseThrow();
                    read.put(who, now);
                }
            }
            assertThat(one.get("m").map(g -> new String(g.bytes(), StandardCharsets.UTF_8)))
                    .isEqualTo(Optional.ofNullable(lies));
        }
    }

    @Test
    void aWebServerMayReadWhatLiesThereAndNothingLeadsOutOfIt() throws Exception {
        FolderTarget target = new FolderTarget(top.resolve("a/b"));
        target.put("visit/index.html", Target.Body.plain(bytes("Visit"), "text/html"));
        for (Path each : List.of(top.resolve("a"), top.resolve("a/b"), top.resolve("a/b/visit"))) {
            assertThat(Files.getPosixFilePermissions(each))
                    .contains(PosixFilePermission.OTHERS_READ, PosixFilePermission.OTHERS_EXECUTE);
        }
        assertThat(Files.getPosixFilePermissions(top.resolve("a/b/visit/index.html")))
                .contains(PosixFilePermission.OTHERS_READ);
        for (String out : List.of("../mine", "visit/../../mine", ".", "/etc/hosts")) {
            assertThatThrownBy(() -> target.put(out, Target.Body.plain(bytes("x"), "text/plain")))
                    .as(out)
                    .isInstanceOf(TargetTrouble.class)
                    .hasMessageContaining("leads out of the folder");
        }
        assertThat(top.resolve("a/mine")).doesNotExist();
    }

    @Test
    void itSaysWhatIsInTheWay() throws Exception {
        Path file = Files.writeString(top.resolve("file"), "no folder");
        FolderTarget target = new FolderTarget(file.resolve("beneath"));
        assertThatThrownBy(() -> target.put("index.html", Target.Body.plain(bytes("x"), "text/html")))
                .isInstanceOf(TargetTrouble.class)
                .hasMessageContaining("Writing failed in " + file);
        assertThat(Files.readString(file)).isEqualTo("no folder");
    }

    @Test
    void aTrialOfOursLeavesItEmptyAndSomethingElseDoesNot() throws Exception {
        FolderTarget target = new FolderTarget(top.resolve("to"));
        Ledger.requireConditions(target);
        assertThat(target.isEmpty()).isTrue();
        assertThat(keys(target, "")).isEmpty();
        Files.writeString(top.resolve("to/notes.txt"), "somebody’s");
        assertThat(target.isEmpty()).isFalse();
    }
}
