package venue.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.server.DemoFolder;

/** Forty visitors for eight places, the server killed in the middle: a sample of {@code ./venue bench places}. */
class PlaceRaceTest {

    @TempDir
    private Path data;

    private static int freePort() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    @Test
    void exactlyAsManyAreGivenAsThereAreAndWhoWasToldHasOne() throws Exception {
        String path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        DemoFolder.copyTo(data);
        List<String> program = List.of("-cp", path, "venue.server.Venue");
        assertThat(new PlaceRace(program, data, freePort()).run(40, 8)).isEmpty();
    }
}
