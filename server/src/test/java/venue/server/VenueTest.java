package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.store.database.DataFolder;

/** What can't be started is told in one line, and exits with 2. */
class VenueTest {

    @TempDir
    Path top;

    private final PrintStream before = System.err;
    private final ByteArrayOutputStream said = new ByteArrayOutputStream();

    @BeforeEach
    void listen() {
        System.setErr(new PrintStream(said, true, StandardCharsets.UTF_8));
    }

    @AfterEach
    void stop() {
        System.setErr(before);
    }

    private void refused(String words, String... args) {
        assertThat(Venue.run(args)).isEqualTo(2);
        String all = said.toString(StandardCharsets.UTF_8);
        assertThat(all.lines().filter(l -> !l.isBlank())).hasSize(1);
        assertThat(all).startsWith("venue: ").contains(words).doesNotContain("\tat ");
    }

    @Test
    void aFolderThatIsHeld() {
        try (DataFolder held = DataFolder.open(top.resolve("data"))) {
            held.servedAt("http://localhost:8080/");
            refused("is in use by process", "serve", "--data", held.path().toString(), "--port", "0");
        }
    }

    @Test
    void aFolderThatCanNotBeWritten() throws IOException {
        Path file = Files.createFile(top.resolve("file"));
        refused("can't be written", "demo", "--data", file.resolve("data").toString());
    }

    @Test
    void aDatabaseThatIsDamaged() throws IOException {
        Path data = Files.createDirectories(top.resolve("data"));
        Files.writeString(data.resolve("venue.db"), "no database any more ".repeat(1_000));
        refused(data.toRealPath().resolve("venue.db").toString(), "serve", "--data", data.toString(), "--port", "0");
        DataFolder.open(data).close();
    }
}
