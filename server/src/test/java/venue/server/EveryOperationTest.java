package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import venue.core.basics.item.SiteId;
import venue.store.workspace.Workspaces;

/**
 * Every operation that the API describes of itself is sent what nobody should send. None fails, none tells of our insides,
 * and every refusal is a problem with a code and a way out; a new operation is covered by itself.
 */
@ServerTest
class EveryOperationTest {

    private static final Pattern LEAK = Pattern.compile(
            "venue\\.[a-z]+\\.|java\\.|jakarta\\.|springframework|jackson|[a-z]Exception|apache|\\bat [a-z]+\\.[a-z]+\\.|SQLITE|<html");
    /** Each further wrong try to sign in is answered later. */
    private static final int WRONG_TRIES = 9;

    /** After these nothing else would be there to ask; SitesTest and ApiTest try them. */
    private static final Set<String> LAST = Set.of("/api/sign-out", "/api/sites/{site}/retire");

    private static final List<String> ODD = List.of(
            "%00",
            "%2e%2e",
            "%2F",
            "%5C",
            "a%20b",
            "%F0%9F%94%AD",
            "%E0%A4",
            "null",
            "-1",
            "1.5",
            "99999999999999999999",
            "'%22%3C",
            "%EF%BF%BF",
            "x".repeat(5_000));

    @LocalServerPort
    private int port;

    @Autowired
    private Workspaces workspaces;

    private Client maja;
    private int requests;
    /** Of each operation every so manieth request is sent; all of them by {@code ./venue bench every}. */
    private static final int EVERY = Boolean.getBoolean("venue.all") ? 1 : 12;

    private final long seed = Sampled.SEED;
    private final Random chance = new Random(seed);
    private final List<String> wrong = new ArrayList<>();
    private final Map<Integer, Integer> statuses = new TreeMap<>();

    @BeforeEach
    void begin() {
        maja = Client.signedIn(port, "maja");
    }

    @Test
    void missingNullWrongHugeDeepAndOddPartsAreRefusedAsProblems() {
        Samples samples = new Samples(maja.get("/api/openapi").body());
        samples.paths()
                .propertyStream()
                .forEach(path -> path.getValue()
                        .propertyStream()
                        .forEach(way -> operation(samples, path.getKey(), way.getKey(), way.getValue())));
        System.out.println("every operation: " + requests + " requests, answers " + statuses + ", faults "
                + wrong.size() + "; again by --seed " + seed);
        assertThat(requests).isGreaterThan(5_000 / EVERY);
        assertThat(wrong).isEmpty();
    }

    private void operation(Samples samples, String path, String method, JsonNode operation) {
        if (LAST.contains(path)) {
            return;
        }
        String at = path;
        for (JsonNode parameter : operation.path("parameters")) {
            String name = parameter.get("name").asString();
            if (parameter.get("in").asString().equals("path")) {
                for (String odd : ODD) {
                    ask(method, named(path.replace("{" + name + "}", odd)), "{}");
                }
            } else {
                for (String odd : ODD) {
                    ask(method, named(path) + "?" + name + "=" + odd, "{}");
                }
                ask(method, named(path) + "?" + name, "{}");
            }
        }
        at = named(path);
        for (String other : List.of("PUT", "DELETE", "PATCH", "TRACE", "FOO", method.equals("get") ? "POST" : "GET")) {
            ask(other, at, "{}");
        }
        if (method.equals("post")) {
            Mischief.WHOLE.forEach(body -> ask("POST", named(path), body));
            refusedForm(at);
            samples.bodies(operation).stream()
                    .filter(b -> !b.isMissingNode())
                    .flatMap(b -> Mischief.bodies(b).stream())
                    .limit(path.endsWith("/sign-in") ? WRONG_TRIES : Long.MAX_VALUE)
                    .forEach(body -> ask("POST", named(path), body));
        } else {
            ask("GET", at, "");
        }
    }

    /** Each request is one of its own. */
    private String fresh(String body) {
        return body.replace("\"request\":\"x1\"", "\"request\":\"r" + requests + "\"");
    }

    private void refusedForm(String at) {
        for (String type :
                List.of("multipart/form-data", "multipart/form-data; boundary=x", "text/plain", "a/b/c", "")) {
            look("POST", at + " as " + type, maja.send("POST", at, type, "--x\r\n\r\n{}\r\n--x--"));
        }
    }

    private static String named(String path) {
        return Pattern.compile("\\{([a-z]+)}").matcher(path).replaceAll(m -> Samples.named(m.group(1)));
    }

    private void ask(String method, String path, String body) {
        if (chance.nextInt(EVERY) > 0) {
            return;
        }
        HttpResponse<String> answer =
                maja.send(method.toUpperCase(java.util.Locale.ROOT), path, "application/json", fresh(body));
        look(method, path + " " + body.substring(0, Math.min(300, body.length())), answer);
        if (answer.statusCode() == 200 && path.endsWith("/commands") && method.equals("POST")) {
            maja.post(path.replace("commands", "undo"), "{}");
        }
        if (path.contains("sign-in") && answer.statusCode() == 200) {
            begin();
        }
    }

    private void look(String method, String what, HttpResponse<String> answer) {
        String type = answer.headers().firstValue("content-type").orElse("");
        look(method + " " + what, answer.statusCode(), type, answer.body());
    }

    private void look(String what, int status, String type, String body) {
        requests++;
        statuses.merge(status, 1, Integer::sum);
        boolean problem = type.startsWith("application/problem+json")
                && body.contains("\"code\":\"")
                && body.contains("\"fix\":\"");
        if (status >= 500 || status >= 400 && (!problem || LEAK.matcher(body).find())) {
            wrong.add(what + " → " + status + " " + type + " " + body);
        }
    }

    private static int status(String raw) {
        return Integer.parseInt(raw.split(" ", 3)[1]);
    }

    private void lookRaw(String method, String path) {
        String raw = maja.raw("localhost", method, path);
        String type = raw.replaceAll("(?is)^.*?\r\ncontent-type: *([^\r]*)\r\n.*$", "$1");
        look(method + " " + path, status(raw), type, raw.substring(raw.indexOf("\r\n\r\n")));
    }

    @Test
    void whatTheContainerRefusesIsAProblemTooAndASitesHostAnswersWithItsOwnPage() {
        // The other test may have given the site another name.
        String host = workspaces
                .require(new SiteId("kestrel-moor"))
                .now()
                .working()
                .site()
                .hosts()
                .get(0);
        for (String path : List.of(
                "/%00",
                "/a%2fb",
                "/api/sites/%2e%2e%2f",
                "/error",
                "/api/nothing",
                "/;x=/..;/",
                "/%",
                "/?x=%E0%A4",
                "/a|b[c]?x=<y>|\\")) {
            lookRaw("GET", path);
            String site = maja.raw(host, "GET", path);
            assertThat(status(site)).as(path).isIn(400, 404);
            assertThat(site).as(path).contains("Kestrel Moor Observatory");
        }
        for (String method : List.of("FOO", "TRACE", "PUT", "get")) {
            lookRaw(method, "/");
        }
        lookRaw("GET", "/" + "x".repeat(20_000));
        lookRaw("GET", "/<x>");
        assertThat(status(maja.raw(host, "GET", "/\"x?y=\"z"))).isIn(400, 421);
        assertThat(wrong).isEmpty();
    }
}
