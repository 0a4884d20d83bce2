package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the server answered, read and held to. */
final class Answers {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final String STAMP = "(name=\"-stamp\" value=\")[^\"]*";

    private Answers() {}

    static JsonNode json(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return JSON.readTree(answer.body());
    }

    /** All of an answer but its day and, where a form stands in it, the minute in which it was written. */
    static String written(HttpResponse<String> answer) {
        Map<String, List<String>> headers = new TreeMap<>(answer.headers().map());
        headers.remove("date");
        String body = answer.body().replaceAll(STAMP, "$1");
        if (!body.equals(answer.body())) {
            headers.remove("etag");
        }
        return answer.statusCode() + " " + headers + " " + body;
    }

    /** Refused with a code, and with a way out. */
    static void refused(HttpResponse<String> answer, int status, String code) {
        assertThat(answer.body())
                .contains("\"code\":\"" + code + "\"", "\"fix\":\"")
                .doesNotContain("\"properties\":");
        assertThat(answer.statusCode()).isEqualTo(status);
    }
}
