package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every way through the API, as its description lists them: shut to strangers, and to those who name what is not there. */
@ServerTest
class DoorTest {

    private static final Set<String> OPEN = Set.of("/api/me", "/api/sign-in", "/api/sign-out");

    @LocalServerPort
    private int port;

    private record Way(String method, String path) {

        String at(String site) {
            return path.replace("{site}", site).replace("{number}", "1").replaceAll("\\{[a-z]+}", "no-such-thing");
        }
    }

    private static List<Way> ways() throws IOException {
        JsonNode paths = new JsonMapper()
                .readTree(Files.readString(Path.of("../web/src/api/openapi.json")))
                .get("paths");
        return paths.propertyNames().stream()
                .filter(p -> !OPEN.contains(p))
                .flatMap(p -> paths.get(p).propertyNames().stream().map(m -> new Way(m, p)))
                .toList();
    }

    private static HttpResponse<String> go(Client client, Way way, String site) {
        return way.method().equals("get") ? client.get(way.at(site)) : client.post(way.at(site), "{}");
    }

    @Test
    void aSiteThatIsNotThereIsNamedEverywhere() throws IOException {
        Client maja = Client.signedIn(port, "maja");
        Stream<Way> withSite =
                ways().stream().filter(w -> w.method().equals("get") && w.path().contains("{site}"));
        assertThat(withSite).isNotEmpty().allSatisfy(way -> {
            HttpResponse<String> answer = go(maja, way, "no-site");
            assertThat(answer.statusCode()).as(way.path()).isIn(400, 404);
            assertThat(answer.body()).contains("\"fix\":\"");
        });
    }

    @Test
    void nothingIsWrittenWithoutTheToken() throws IOException {
        Client maja = Client.signedIn(port, "maja");
        Stream<Way> writing = ways().stream().filter(w -> !w.method().equals("get"));
        assertThat(writing).isNotEmpty().allSatisfy(way -> {
            HttpResponse<String> answer = maja.postWithoutToken(way.at("kestrel-moor"), "{}");
            assertThat(answer.statusCode()).as(way.path()).isEqualTo(403);
        });
    }

    @Test
    void otherHostsGetNeitherInterfaceNorApi() {
        Client stranger = new Client(port);
        for (String path : List.of("/api/me", "/api/sites", "/kestrel-moor/plan", "/assets/x.js")) {
            HttpResponse<String> answer = stranger.visit("evil.example", "GET", path);
            assertThat(answer.statusCode()).as(path).isEqualTo(421);
        }
        assertThat(stranger.visit("/api/me").statusCode()).isEqualTo(404);
    }
}
