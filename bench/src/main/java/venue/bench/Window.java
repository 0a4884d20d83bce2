package venue.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;

/** Somebody of the site's people who is signed in. */
final class Window {

    private static final String SITE = "/api/sites/kestrel-moor";
    private static final int COMMANDS = 300;

    private final int port;

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .version(HttpClient.Version.HTTP_1_1)
            .build();

    Window(int port, String email) {
        this.port = port;
        get("/api/me");
        post("/api/sign-in", "{\"email\":\"" + email + "\",\"password\":\"" + DemoServer.PASSWORD + "\"}");
        get("/api/me");
    }

    /** The median time of a command, in ms. */
    double commands() {
        double[] times = new double[COMMANDS];
        for (int i = 0; i < COMMANDS; i++) {
            long began = System.nanoTime();
            command("{\"verb\":\"set-title\",\"page\":\"tonight\",\"title\":\"Tonight " + i + "\"}");
            times[i] = (System.nanoTime() - began) / 1e6;
        }
        Arrays.sort(times);
        return times[COMMANDS / 2];
    }

    void command(String json) {
        post(SITE + "/commands", "{\"command\":" + json + ",\"seen\":{},\"request\":\"" + UUID.randomUUID() + "\"}");
    }

    /** A stream of events that is opened and never read. */
    Socket stream(String window) throws IOException {
        Socket socket = new Socket();
        socket.setReceiveBufferSize(4_096);
        socket.connect(new InetSocketAddress("localhost", port));
        String head = "GET " + SITE + "/events?window=" + window + "&at=plan HTTP/1.1\r\nHost: localhost:" + port
                + "\r\nCookie: " + cookie() + "\r\n\r\n";
        socket.getOutputStream().write(head.getBytes(StandardCharsets.ISO_8859_1));
        return socket;
    }

    CompletableFuture<HttpResponse<String>> picture(byte[] bytes) {
        String edge = "edge-of-a-part";
        String head = "--" + edge + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"Blank.png\"\r\n\r\n";
        HttpRequest request = request(SITE + "/media")
                .header("Content-Type", "multipart/form-data; boundary=" + edge)
                .POST(BodyPublishers.concat(
                        BodyPublishers.ofString(head),
                        BodyPublishers.ofByteArray(bytes),
                        BodyPublishers.ofString("\r\n--" + edge + "--\r\n")))
                .build();
        return http.sendAsync(request, BodyHandlers.ofString());
    }

    void get(String path) {
        send(request(path).build());
    }

    /** Gives what was answered. */
    String post(String path, String json) {
        HttpResponse<String> answer = send(request(path)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(json))
                .build());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + ": " + answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }

    private HttpRequest.Builder request(String path) {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().startsWith("XSRF-TOKEN-"))
                .map(java.net.HttpCookie::getValue)
                .findFirst()
                .orElse("");
        return HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .header("X-XSRF-TOKEN", token);
    }

    private String cookie() {
        return cookies.getCookieStore().getCookies().stream()
                .map(c -> c.getName() + "=" + c.getValue())
                .collect(Collectors.joining("; "));
    }

    private HttpResponse<String> send(HttpRequest request) {
        try {
            return http.send(request, BodyHandlers.ofString());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
