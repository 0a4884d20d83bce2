package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Streams of events: told in order, never waited for, and no more than a person needs. */
@ServerTest
class EventsTest {

    private static final String EVENTS = "/api/sites/kestrel-moor/events";

    @LocalServerPort
    private int port;

    @As("maja")
    private Client maja;

    private final List<Socket> streams = new ArrayList<>();

    @AfterEach
    void close() throws IOException {
        for (Socket stream : streams) {
            stream.close();
        }
    }

    /** Opens a stream by hand, and reads as much of it as says that it is open. */
    private BufferedReader open(String window, String at) throws IOException {
        Socket socket = new Socket("localhost", port);
        streams.add(socket);
        socket.setSoTimeout(60_000);
        String head = "GET " + EVENTS + "?window=" + window + "&at=" + at + " HTTP/1.1\r\nHost: localhost:" + port
                + "\r\nCookie: " + maja.cookie() + "\r\n\r\n";
        socket.getOutputStream().write(head.getBytes(StandardCharsets.ISO_8859_1));
        BufferedReader in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
        assertThat(in.readLine()).contains("200");
        until(in, "event:here");
        return in;
    }

    /** The next line that begins so; "ended" at the last chunk of the answer (RFC 9112, 7.1). */
    private static String until(BufferedReader in, String begins) throws IOException {
        for (String line = in.readLine(); line != null && !line.equals("0"); line = in.readLine()) {
            if (line.startsWith(begins)) {
                return line;
            }
        }
        return "ended";
    }

    private HttpResponse<String> rename(String title) {
        return maja.give("set-title", "page", "tonight", "title", title);
    }

    @Test
    void everyStepIsToldToEveryWindowAndWhoIsHere() throws IOException {
        BufferedReader one = open("w1", "plan");
        BufferedReader two = open("w2", "survey");
        assertThat(until(one, "data:[")).contains("Maja Åkerlund");
        assertThat(json(rename("Tonight, told")).get("step").asLong()).isPositive();
        for (BufferedReader window : List.of(one, two)) {
            until(window, "event:step");
            assertThat(until(window, "data:")).contains("title of Tonight", "\"who\":\"maja\"");
        }
    }

    @Test
    void aPersonHasTwentyWindowsAndOneOpenedAnewIsTheSame() throws IOException {
        for (int i = 0; i < 20; i++) {
            open("w" + i, "plan");
        }
        HttpResponse<String> more = maja.get(EVENTS + "?window=one-more&at=plan");
        refused(more, 503, "too-many-windows");
        open("w3", "plan");
        assertThat(json(rename("Tonight, once more")).has("step")).isTrue();
    }

    @Test
    void longPlacesAreRefused() {
        refused(maja.get(EVENTS + "?window=w&at=" + "x".repeat(201)), 422, "too-long");
        refused(maja.get(EVENTS + "?at=plan&window=" + "x".repeat(81)), 422, "too-long");
        refused(maja.post(EVENTS + "/place", Client.json("window", "w", "at", "x".repeat(201))), 422, "too-long");
    }

    @Test
    void whoSignsOutIsToldNothingMore() throws IOException {
        BufferedReader mine = open("w1", "plan");
        assertThat(maja.post("/api/sign-out", "{}").statusCode()).isEqualTo(204);
        assertThat(until(mine, "event:step")).isEqualTo("ended");
    }
}
