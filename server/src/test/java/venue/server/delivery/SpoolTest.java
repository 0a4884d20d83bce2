package venue.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.Hash;

class SpoolTest {

    private static final int LONG = 3 << 20;

    @TempDir
    private Path top;

    @Test
    void allComesBackAsItWasAlsoWhatFindsNoRoomInMemory() {
        Random chance = new Random(11);
        Map<String, Hash> kept = new HashMap<>();
        Path folder = top.resolve("waits");
        try (Spool spool = new Spool(folder)) {
            for (int n = 0; n < 30; n++) {
                byte[] bytes = new byte[chance.nextInt(4) == 0 ? chance.nextInt(9) : chance.nextInt(LONG)];
                chance.nextBytes(bytes);
                spool.keep("/" + n, bytes);
                kept.put("/" + n, Hash.over(bytes));
            }
            kept.forEach((name, hash) -> assertThat(Hash.over(spool.find(name).orElseThrow()))
                    .as(name)
                    .isEqualTo(hash));
            assertThat(spool.find("/none")).isEmpty();
            assertThat(folder).as("it has no name that could outlive us").isEmptyDirectory();
        }
    }

    @Test
    void whatIsShortNeedsNoDisk() {
        try (Spool spool = new Spool(top.resolve("waits"))) {
            spool.keep("/", new byte[] {1});
            assertThat(spool.find("/")).contains(new byte[] {1});
        }
        assertThat(top.resolve("waits")).doesNotExist();
    }
}
