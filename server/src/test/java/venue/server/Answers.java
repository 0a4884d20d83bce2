package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the server answered, read and held to. */
final class Answers {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Answers() {}

    static JsonNode json(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return JSON.readTree(answer.body());
    }

    /** Refused with a code, and with a way out. */
    static void refused(HttpResponse<String> answer, int status, String code) {
        assertThat(answer.body())
                .contains("\"code\":\"" + code + "\"", "\"fix\":\"")
                .doesNotContain("\"properties\":");
        assertThat(answer.statusCode()).isEqualTo(status);
    }
}
