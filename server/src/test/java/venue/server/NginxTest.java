package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static venue.server.Answers.json;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.RandomAccessFile;
import java.net.InetAddress;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.time.Duration;
import java.util.Objects;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;

/** Venue behind Debian's nginx, as {@code deploy/nginx.conf} sets it up, with a certificate of its own. */
@ServerTest
@TestPropertySource(properties = {"venue.public-scheme=https", "venue.hsts=true", "venue.trusted-proxies=127.0.0.1"})
class NginxTest {

    private static final String OTHER = "moor.localhost";
    private static final long FILM_BYTES = 100L * 1024 * 1024;
    private static final Duration AT_MOST = Duration.ofMinutes(3);
    private static int plain;
    private static int tls;

    @LocalServerPort
    private int port;

    @TempDir
    Path top;

    private Nginx nginx;
    private SSLContext believes;
    private Client maja;

    @DynamicPropertySource
    static void ports(DynamicPropertyRegistry properties) throws IOException {
        plain = Nginx.freePort();
        tls = Nginx.freePort();
        properties.add("venue.public-port", () -> tls);
    }

    @BeforeEach
    void begin() throws Exception {
        Path certificate = certificate();
        String conf = Files.readString(Path.of("../deploy/nginx.conf"))
                .replaceAll("listen \\[::\\]:[^;]*;", "")
                .replace("listen 80;", "listen " + plain + ";")
                .replace("listen 443 ssl;", "listen " + tls + " ssl;")
                .replaceAll("server_name [^;]*;", "server_name localhost " + Client.SITE + " " + OTHER + ";")
                .replaceAll("ssl_certificate +[^;]*;", "ssl_certificate " + certificate + ";")
                .replaceAll("ssl_certificate_key +[^;]*;", "ssl_certificate_key " + top.resolve("key.pem") + ";")
                .replace("/var/cache/nginx/venue", top.resolve("cache").toString())
                .replace("http://127.0.0.1:8080", "http://127.0.0.1:" + port);
        assertThat(conf).contains("listen " + tls, "127.0.0.1:" + port);
        nginx = Nginx.start(top, conf, tls);
        believes = believing(certificate);
        maja = new Client(tls, believes).signIn("maja");
    }

    @AfterEach
    void end() {
        nginx.close();
    }

    private Path certificate() throws Exception {
        Path certificate = top.resolve("certificate.pem");
        Process made = new ProcessBuilder(
                        "openssl",
                        "req",
                        "-x509",
                        "-newkey",
                        "rsa:2048",
                        "-nodes",
                        "-days",
                        "2",
                        "-subj",
                        "/CN=localhost",
                        "-addext",
                        "subjectAltName=DNS:localhost",
                        "-keyout",
                        "key.pem",
                        "-out",
                        certificate.toString())
                .directory(top.toFile())
                .redirectErrorStream(true)
                .redirectOutput(top.resolve("openssl").toFile())
                .start();
        assertThat(made.waitFor()).as(Files.readString(top.resolve("openssl"))).isZero();
        return certificate;
    }

    private static SSLContext believing(Path certificate) throws Exception {
        KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
        trusted.load(null);
        try (InputStream in = Files.newInputStream(certificate)) {
            trusted.setCertificateEntry(
                    "ours", CertificateFactory.getInstance("X.509").generateCertificate(in));
        }
        TrustManagerFactory factory = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        factory.init(trusted);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, factory.getTrustManagers(), null);
        return context;
    }

    /** Asks over TLS by hand, from an address of this machine of one's own; reads as much as is asked for. */
    private BufferedReader asked(String from, String request) throws IOException {
        Socket socket = believes.getSocketFactory()
                .createSocket(InetAddress.getByName("localhost"), tls, InetAddress.getByName(from), 0);
        socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
        return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
    }

    @Test
    void addressesSchemesCookiesAndWhoAskedAreTheOnesThatPeopleHave() throws Exception {
        assertThat(maja.cookie()).contains("__Host-venue-session-");
        HttpResponse<String> page = maja.visit(Client.SITE, "GET", "/visit");
        assertThat(page.body())
                .contains("<link rel=\"canonical\" href=\"https://" + Client.SITE + ":" + tls + "/visit\">");
        assertThat(page.headers().firstValue("strict-transport-security")).contains("max-age=31536000");
        json(maja.post("/api/sites/kestrel-moor/hosts", "{\"hosts\":[\"" + Client.SITE + "\",\"" + OTHER + "\"]}"));
        HttpResponse<String> other = maja.visit(OTHER, "GET", "/Visit//?a=1");
        assertThat(other.statusCode()).isEqualTo(301);
        assertThat(other.headers().firstValue("location"))
                .contains("https://" + Client.SITE + ":" + tls + "/visit?a=1");
        HttpResponse<String> unsafe = new Client(plain).visit(Client.SITE, "GET", "/visit");
        assertThat(unsafe.statusCode()).isEqualTo(301);
        assertThat(unsafe.headers().firstValue("location")).contains("https://" + Client.SITE + "/visit");

        Client stranger = new Client(tls, believes);
        stranger.get("/api/me");
        String body = "{\"email\":\"maja@kestrel-moor.example\",\"password\":\"wrong\"}";
        try (BufferedReader answer = asked(
                "127.0.0.2",
                "POST /api/sign-in HTTP/1.1\r\nHost: localhost:" + tls + "\r\nX-Forwarded-For: 203.0.113.9\r\nCookie: "
                        + stranger.cookie() + "\r\nX-XSRF-TOKEN: " + stranger.token()
                        + "\r\nContent-Type: application/json\r\nContent-Length: " + body.length()
                        + "\r\nConnection: close\r\n\r\n" + body)) {
            assertThat(answer.lines().toList().toString()).contains("sign-in-failed");
        }
        assertThat(json(maja.get("/api/record?deed=SIGN_IN_FAILED"))
                        .get(0)
                        .get("origin")
                        .asString())
                .isEqualTo("127.0.0.2");
        assertThat(maja.get("/-/metrics").statusCode()).isEqualTo(404);
    }

    @Test
    void eventsAreToldAtOnce() {
        assertTimeoutPreemptively(AT_MOST, () -> {
            String head = "GET /api/sites/kestrel-moor/events?window=w1&at=plan HTTP/1.1\r\nHost: localhost:" + tls
                    + "\r\nCookie: " + maja.cookie() + "\r\n\r\n";
            try (BufferedReader events = asked("127.0.0.1", head)) {
                until(events, "event:here");
                json(maja.give("set-title", "page", "tonight", "title", "Told at once"));
                until(events, "event:step");
            }
        });
    }

    private static void until(BufferedReader in, String begins) throws IOException {
        String line = in.readLine();
        while (!Objects.requireNonNull(line, "the stream ended").startsWith(begins)) {
            line = in.readLine();
        }
    }

    @Further
    @Test
    void aFilmOfAHundredMegabytesIsTakenIn() throws IOException {
        Path film = Files.write(top.resolve("film"), "....ftypisom".getBytes(StandardCharsets.US_ASCII));
        try (RandomAccessFile longer = new RandomAccessFile(film.toFile(), "rw")) {
            longer.setLength(FILM_BYTES);
        }
        HttpResponse<String> answer =
                maja.upload("/api/sites/kestrel-moor/media", "A night.mp4", BodyPublishers.ofFile(film));
        assertThat(json(answer).get("bytes").asLong()).isEqualTo(FILM_BYTES);
    }
}
