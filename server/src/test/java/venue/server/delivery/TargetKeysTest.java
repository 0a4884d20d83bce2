package venue.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.SiteId;
import venue.core.live.delivery.Layout;
import venue.store.delivery.Delivery;

class TargetKeysTest {

    private static final Delivery MAIN = new Delivery(
            new SiteId("moor"),
            "a1",
            "Main",
            new Delivery.Goes("", Delivery.Bucket.NONE, Layout.AT_ADDRESSES, "", "", Delivery.Call.NONE));

    @TempDir
    private Path data;

    @Test
    void theyLieInAFileThatTheServerAloneReadsUntilTheyAreForgotten() throws Exception {
        TargetKeys keys = new TargetKeys("id = 1", "se:cret # \\ ", Map.of("X-Key", "Bearer x=y", "X-None", ""));
        keys.keep(data, MAIN);
        assertThat(TargetKeys.given(data, MAIN)).isEqualTo(keys);
        try (var files = Files.list(data.resolve("keys"))) {
            assertThat(files.toList())
                    .singleElement()
                    .satisfies(f -> assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(f)))
                            .isEqualTo("rw-------"));
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data.resolve("keys"))))
                .isEqualTo("rwx------");
        TargetKeys.forget(data, MAIN);
        assertThat(TargetKeys.given(data, MAIN).isNone()).isTrue();
        TargetKeys.forget(data, MAIN);
    }

    @Test
    void thoseOfTheServerServeWhereNoneAreGiven() {
        TargetKeys own = new TargetKeys("own", "secret", Map.of());
        assertThat(own.or("other", "s")).isEqualTo(own);
        TargetKeys none = new TargetKeys("", "", Map.of("X-Key", "kept"));
        assertThat(none.or("other", "s")).isEqualTo(new TargetKeys("other", "s", Map.of("X-Key", "kept")));
        assertThat(none.or(null, "s").isNone()).isTrue();
    }

    @Test
    void aFileThatCannotBeReadIsToldWithItsPlace() throws Exception {
        Path file = Files.createDirectories(data.resolve("keys/moor-a1.properties"));
        assertThatThrownBy(() -> TargetKeys.given(data, MAIN))
                .isInstanceOf(TargetTrouble.class)
                .satisfies(t -> assertThat(((TargetTrouble) t).fix()).contains(file.toString()));
    }
}
