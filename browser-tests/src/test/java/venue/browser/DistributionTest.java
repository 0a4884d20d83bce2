package venue.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** What is installed is unpacked elsewhere and serves the demo; its second start takes classes from the archive. */
@Order(1)
class DistributionTest {

    private static final int ENDED_AS_ASKED = 143;

    @TempDir
    Path top;

    private Process server;

    @AfterEach
    void stop() throws InterruptedException {
        if (server != null) {
            server.destroyForcibly().waitFor();
        }
    }

    private String run(Path in, String... line) throws IOException, InterruptedException {
        Path said = top.resolve("said");
        Process process = new ProcessBuilder(line)
                .directory(in.toFile())
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        assertThat(process.waitFor())
                .as("%s: %s", line[0], Files.readString(said))
                .isZero();
        return Files.readString(said).strip();
    }

    private void start(Path venue, int port) throws IOException, InterruptedException {
        ProcessBuilder line = new ProcessBuilder(
                        "./venue", "demo", "--data", top.resolve("data").toString(), "--port", String.valueOf(port))
                .directory(venue.toFile())
                .redirectErrorStream(true)
                .redirectOutput(top.resolve("log").toFile());
        line.environment().put("VENUE_CACHE", top.resolve("cache").toString());
        line.environment().put("VENUE_NICE", "0");
        server = line.start();
        while (!isUp(port)) {
            assertThat(server.waitFor(100, TimeUnit.MILLISECONDS))
                    .as(() -> read(top.resolve("log")))
                    .isFalse();
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static boolean isUp(int port) throws InterruptedException {
        try {
            return ask(port, "localhost", "/-/health").statusCode() == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    private static HttpResponse<String> ask(int port, String host, String path)
            throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Host", host + ":" + port)
                .build();
        return HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
    }

    private Path archive() throws IOException {
        try (Stream<Path> all = Files.list(top.resolve("cache"))) {
            return all.filter(f -> f.toString().endsWith(".jsa")).findFirst().orElse(null);
        }
    }

    @Test
    @Timeout(value = 10, unit = TimeUnit.MINUTES)
    void itNeedsNothingButJavaAndStartsQuickerTheSecondTime() throws Exception {
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
        Path made = Path.of(run(Path.of(".."), "tools/distribution"));
        assertThat(made.getFileName().toString()).matches("venue-[0-9.]+\\.tar\\.gz");
        run(top, "tar", "-xzf", made.toString());
        Path venue = top.resolve(made.getFileName().toString().replace(".tar.gz", ""));
        assertThat(venue.resolve("docs/running.md")).exists();
        int port = Running.freePort();
        start(venue, port);
        assertThat(ask(port, "kestrel-moor.localhost", "/visit").body()).contains("Kestrel Moor Observatory");
        while (archive() == null) {
            TimeUnit.MILLISECONDS.sleep(200);
        }
        server.destroy();
        assertThat(server.waitFor()).isEqualTo(ENDED_AS_ASKED);
        start(venue, port);
        assertThat(ask(port, "kestrel-moor.localhost", "/visit").statusCode()).isEqualTo(200);
        assertThat(Files.readString(Path.of("/proc/" + server.pid() + "/maps")))
                .contains(archive().toString());
    }
}
