package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.io.ByteArrayOutputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A long form with files over HTTP: step by step, files that wait for what is missing, and what becomes of both. */
@ServerTest
class LongFormsTest {

    private static final String API = "/api/sites/kestrel-moor/answers";
    private static final byte[] PLAN = "%PDF-1.7 a plan of the yard".getBytes(StandardCharsets.US_ASCII);

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    private static Map<String, Object> field(String key, String type, Map<String, Object> settings) {
        return Map.of("key", key, "label", "The " + key, "type", type, "group", "", "settings", settings);
    }

    private void make() {
        maja.give(
                "set-form-fields",
                "form",
                "contact-form",
                "fields",
                List.of(
                        field("name", "words", Map.of("required", true)),
                        field("plan", "files", Map.of("sorts", "any", "most", 2)),
                        field("later", "step", Map.of()),
                        field("email", "email", Map.of("required", true))));
        maja.post(
                "/api/sites/kestrel-moor/releases",
                Client.json("items", List.of("contact-form"), "note", "A long one"));
    }

    private static void part(ByteArrayOutputStream out, String name, String file, byte[] bytes) {
        String head = "--b\r\nContent-Disposition: form-data; name=\"" + name + "\""
                + (file.isEmpty() ? "" : "; filename=\"" + file + "\"\r\nContent-Type: image/png") + "\r\n\r\n";
        out.writeBytes(head.getBytes(StandardCharsets.UTF_8));
        out.writeBytes(bytes);
        out.writeBytes("\r\n".getBytes(StandardCharsets.UTF_8));
    }

    /** What stands on a page, with a name and a file, sent by a button. */
    private HttpResponse<String> send(Document page, String name, String email, String file, byte[] bytes) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        for (Element control : page.select(".filling form [name]")) {
            boolean off = control.attr("type").equals("checkbox") && !control.hasAttr("checked");
            if (!off
                    && !control.attr("type").equals("file")
                    && !control.tagName().equals("button")) {
                String value = switch (control.attr("name")) {
                    case "name" -> control.attr("type").equals("hidden") ? control.val() : name;
                    case "email" -> email;
                    default -> control.val();
                };
                part(out, control.attr("name"), "", value.getBytes(StandardCharsets.UTF_8));
            }
        }
        if (!file.isEmpty()) {
            part(out, "plan", file, bytes);
        }
        part(out, "-go", "", page.select(".filling .strong").val().getBytes(StandardCharsets.UTF_8));
        out.writeBytes("--b--\r\n".getBytes(StandardCharsets.UTF_8));
        return stranger.form("/contact", "multipart/form-data; boundary=b", out.toByteArray());
    }

    private static Document page(HttpResponse<String> answer, int status) {
        assertThat(answer.statusCode()).isEqualTo(status);
        return Jsoup.parse(answer.body());
    }

    @Test
    void filesWaitForWhatIsMissingAndGoWithTheAnswerToThoseAloneWhoWorkWithIt() {
        make();
        Document first = page(stranger.visit("/contact"), 200);
        byte[] evil = "<svg onload=alert(1)>".getBytes(StandardCharsets.US_ASCII);
        Document refused = page(send(first, "Ada", "", "plan.png", evil), 422);
        assertThat(refused.select(".wrong").text()).contains("“plan.png” is none of what can be sent here");
        assertThat(refused.select("[name=plan.kept]")).isEmpty();
        Document unnamed = page(send(first, "", "", "yard.png", PLAN), 422);
        assertThat(unnamed.select("[name=plan.kept][checked]")).hasSize(1);
        Document second = page(send(unnamed, "Ada", "", "", PLAN), 200);
        assertThat(second.select(".steps").text()).startsWith("Step 2 of 3");
        Document over = page(send(second, "", "ada@moor.example", "", PLAN), 200);
        assertThat(over.select(".said dd").eachText()).containsExactly("Ada", "yard.png · 1 kB", "ada@moor.example");
        assertThat(send(over, "", "ada@moor.example", "", PLAN).statusCode()).isEqualTo(303);

        JsonNode row = json(maja.get(API + "/contact-form?q=Ada")).at("/rows/0");
        String sent = row.at("/said/1/value").asString();
        String at =
                API + "/contact-form/" + row.at("/id").asString() + "/files/" + sent.substring(0, sent.indexOf('/'));
        HttpResponse<String> file = maja.get(at);
        assertThat(file.body()).isEqualTo(new String(PLAN, StandardCharsets.US_ASCII));
        assertThat(file.headers().firstValue("Content-Type")).contains("application/octet-stream");
        assertThat(file.headers().firstValue("Content-Disposition").orElse("")).startsWith("attachment");
        assertThat(tomas.get(at).statusCode()).isEqualTo(403);
        assertThat(maja.get(at + "x").statusCode()).isEqualTo(404);
        assertThat(send(unnamed, "Ada again", "", "", PLAN).body())
                .as("a file goes with one answer")
                .doesNotContain("yard.png");

        assertThat(json(maja.get("/api/sites/kestrel-moor/senders?email=ADA@moor.example"))
                        .at("/rows")
                        .size())
                .isEqualTo(1);
        assertThat(maja.get("/api/sites/kestrel-moor/senders/table?email=ada@moor.example")
                        .body())
                .contains("The plan,yard.png");
        assertThat(json(tomas.get("/api/sites/kestrel-moor/senders?email=ada@moor.example"))
                        .at("/rows")
                        .size())
                .isZero();
        assertThat(json(maja.get("/api/sites/kestrel-moor")).at("/newAnswers").asInt())
                .isPositive();
    }

    @Test
    void whatIsNoFormOfThisSiteIsNotReadFurther() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        part(out, "plan", "a.pdf", PLAN);
        assertThat(stranger.form("/contact", "multipart/form-data; boundary=b", out.toByteArray())
                        .statusCode())
                .isEqualTo(400);
        assertThat(stranger.form("/contact", "multipart/form-data; boundary=b", new byte[21_000_000])
                        .statusCode())
                .isEqualTo(413);
    }
}
