package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.aayushatharva.brotli4j.decoder.Decoder;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import venue.core.live.delivery.Layout;
import venue.core.show.render.View;
import venue.server.app.FolderParts;
import venue.server.live.HeldSite;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;

/** What was delivered is served there as from here; what files can't answer is asked for here. */
@ServerTest
class ServedElsewhereTest {

    @TempDir
    Path top;

    @Autowired
    private FolderParts parts;

    @Autowired
    private Deliveries deliveries;

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    private Delivered site;

    @BeforeEach
    void begin() {
        site = new Delivered(parts, deliveries);
        // nginx reads as somebody else.
        assertThat(top.toFile().setExecutable(true, false)).isTrue();
    }

    @Test
    void nginxServesAFolderThatItFollowsAsVenueDoes() throws Exception {
        int port = Nginx.freePort();
        Path lies = top.resolve("delivered");
        servedAsHere(Delivered.to(lies, Layout.BY_HASH, "http://127.0.0.1:" + port, ""), lies.toString(), port);
    }

    @Further
    @Test
    void nginxServesObjectStorageThatItFollowsAsVenueDoes() throws Exception {
        int port = Nginx.freePort();
        try (ObjectStorage storage = ObjectStorage.open(top)) {
            servedAsHere(
                    Delivered.to(Delivered.bucket(storage.port()), Layout.BY_HASH, "http://127.0.0.1:" + port),
                    "http://127.0.0.1:" + storage.port() + "/" + ObjectStorage.BUCKET + "/site",
                    port);
        }
    }

    private void servedAsHere(Delivery delivery, String from, int port) throws Exception {
        String address = delivery.goes().address();
        site.send(delivery);
        String conf = "map_hash_bucket_size 2048; map_hash_max_size 65536; include "
                + Files.createDirectories(top.resolve("site")) + "/*.conf;"
                + "server { listen " + port + " default_server; return 503; }";
        try (Nginx nginx = Nginx.start(top, conf, port)) {
            follow(from, nginx.port());
            Map<String, HeldSite.Answer> before = site.answers(address);
            same(port, before);
            site.release(maja, 3);
            site.send(delivery);
            same(port, before);
            follow(from, port);
            same(port, site.answers(address));
            // What is taken off goes at once.
            site.release(maja, 4);
            site.send(delivery);
            follow(from, port);
            same(port, site.answers(address));
            assertThat(stranger.visitAt(port, "/people/none").statusCode()).isEqualTo(404);
            assertThat(stranger.visitAt(port, "/VISIT").statusCode()).isEqualTo(404);
            HttpResponse<String> slash = stranger.visitAt(port, "/visit/");
            assertThat(slash.statusCode()).isEqualTo(301);
            assertThat(Client.header(slash, "Location")).containsExactly("/visit");
            byte[] plain = stranger.bytesAt(port, "/visit").body();
            HttpResponse<byte[]> smaller = stranger.bytesAt(port, "/visit", "Accept-Encoding", "gzip, br");
            assertThat(smaller.headers().firstValue("Content-Encoding")).contains("br");
            assertThat(smaller.headers().allValues("Vary")).containsExactly("Accept-Encoding");
            assertThat(Decoder.decompress(smaller.body()).getDecompressedData()).isEqualTo(plain);
            HttpResponse<byte[]> small = stranger.bytesAt(port, "/visit", "Accept-Encoding", "gzip");
            assertThat(small.headers().firstValue("Content-Encoding")).contains("gzip");
            assertThat(small.headers().allValues("Vary")).containsExactly("Accept-Encoding");
            try (GZIPInputStream zip = new GZIPInputStream(new ByteArrayInputStream(small.body()))) {
                assertThat(zip.readAllBytes()).isEqualTo(plain);
            }
            String tag = small.headers().firstValue("ETag").orElseThrow();
            assertThat(stranger.bytesAt(port, "/visit", "Accept-Encoding", "gzip", "If-None-Match", tag)
                            .statusCode())
                    .isEqualTo(304);
        }
    }

    private void follow(String from, int port) throws Exception {
        ProcessBuilder follow = new ProcessBuilder(
                        "../deploy/follow",
                        from,
                        top.resolve("site").toString(),
                        "--listen",
                        String.valueOf(port),
                        "--keep",
                        top.resolve("kept").toString(),
                        "--once")
                .redirectErrorStream(true)
                .redirectOutput(top.resolve("follow.log").toFile());
        follow.environment().put("FOLLOW_NGINX", "nginx -p " + top + " -c " + top.resolve("nginx.conf"));
        assertThat(follow.start().waitFor())
                .as(Files.readString(top.resolve("follow.log")))
                .isZero();
    }

    private void same(int port, Map<String, HeldSite.Answer> answers) throws IOException {
        List<String> wrong = new ArrayList<>();
        for (HeldSite.Answer answer : answers.values()) {
            if (answer.path().endsWith("/*") || answer.path().equals(HeldSite.NOWHERE)) {
                continue;
            }
            HttpResponse<byte[]> there = stranger.bytesAt(port, View.encoded(answer.path()));
            HeldSite.Answer.Headers headers = answer.headers();
            boolean alike = there.statusCode() == headers.status()
                    && (headers.status() == 301
                            ? there.headers().firstValue("Location").orElse("").equals(headers.location())
                            : Arrays.equals(there.body(), Delivered.body(answer))
                                    && there.headers()
                                            .firstValue("Content-Type")
                                            .orElse("")
                                            .equals(headers.type())
                                    && there.headers()
                                            .firstValue("Content-Security-Policy")
                                            .orElse("")
                                            .equals(headers.policy())
                                    && there.headers()
                                            .firstValue("Cache-Control")
                                            .orElse("")
                                            .equals(headers.kept()));
            if (!alike) {
                wrong.add(answer.path() + " " + there.statusCode() + " "
                        + there.headers().map());
            }
        }
        assertThat(wrong).isEmpty();
    }
}
