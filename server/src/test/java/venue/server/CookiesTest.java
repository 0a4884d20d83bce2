package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** Where people come over TLS: what cookies say of themselves, and what the interface lets in. */
@ServerTest
@TestPropertySource(properties = {"venue.public-scheme=https", "venue.hsts=true"})
class CookiesTest {

    @LocalServerPort
    private int port;

    private final HttpClient http = HttpClient.newHttpClient();

    private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return http.send(request.build(), BodyHandlers.ofString());
    }

    private HttpRequest.Builder at(String path) {
        return HttpRequest.newBuilder(URI.create("http://localhost:" + port + path));
    }

    private static String cookie(HttpResponse<?> answer, String name) {
        List<String> set = answer.headers().allValues("set-cookie").stream()
                .filter(c -> c.startsWith(name) && !c.contains("Max-Age=0"))
                .toList();
        assertThat(set).as(name).isNotEmpty();
        return set.get(set.size() - 1);
    }

    /** Of this installation alone: another server under the same host name has other names. */
    private static String name(String cookie) {
        String name = cookie.substring(0, cookie.indexOf('='));
        assertThat(name).matches("(__Host-venue-session|XSRF-TOKEN)-[a-z2-9]{8}");
        return name;
    }

    private static String value(String cookie) {
        return cookie.replaceAll("^[^=]*=([^;]*).*", "$1");
    }

    @Test
    void cookiesAreSecureAndOfThisSiteAloneAndTheTokenIsRenewedAtSignIn() throws Exception {
        String token = cookie(send(at("/api/me")), "XSRF-TOKEN-");
        assertThat(token).contains("; Secure").contains("SameSite=Strict");
        assertThat(send(at("/")).headers().firstValue("strict-transport-security"))
                .contains("max-age=31536000");
        HttpResponse<String> signed = send(at("/api/sign-in")
                .header("Cookie", name(token) + "=" + value(token))
                .header("X-XSRF-TOKEN", value(token))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(
                        Client.json("email", "maja@kestrel-moor.example", "password", Client.PASSWORD))));
        assertThat(signed.statusCode()).isEqualTo(200);
        assertThat(cookie(signed, "__Host-venue-session-")).contains("; Secure", "; HttpOnly", "SameSite=Lax");
        String kept = cookie(signed, "__Host-venue-session-");
        String session = name(kept) + "=" + value(kept);
        HttpResponse<String> me = send(at("/api/me").header("Cookie", session));
        assertThat(me.body()).contains("Maja Åkerlund");
        assertThat(value(cookie(me, "XSRF-TOKEN-"))).isNotEqualTo(value(token));
        HttpResponse<String> old = send(at("/api/sites/kestrel-moor/undo")
                .header("Cookie", session)
                .header("X-XSRF-TOKEN", value(token))
                .POST(BodyPublishers.ofString("{}")));
        assertThat(old.statusCode()).isEqualTo(403);
    }

    @Test
    void theInterfaceTakesPicturesFilmsAndFramesFromItsOwnSitesAlone() throws Exception {
        HttpResponse<String> page = send(at("/kestrel-moor/plan"));
        String policy = page.headers().firstValue("content-security-policy").orElseThrow();
        String site = "https://kestrel-moor.localhost:" + port;
        assertThat(policy)
                .contains(
                        "frame-src 'self' " + site + ";",
                        "media-src " + site + ";",
                        "img-src 'self' data: " + site + ";")
                .doesNotContain("*");
        assertThat(page.headers().firstValue("permissions-policy")).isPresent();
        assertThat(page.headers().firstValue("cross-origin-opener-policy")).contains("same-origin");
    }
}
