package venue.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** A browser's worth of HTTP: cookies, the CSRF token, and any host name at the server under test. */
final class Client {

    static {
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
    }

    static final String SITE = "kestrel-moor.localhost";
    static final String PASSWORD = "a-password-for-tests";

    private final int port;
    private final CookieManager cookies;
    private final String eyes;
    private final HttpClient http;

    Client(int port) {
        this(port, new CookieManager(), "");
    }

    private Client(int port, CookieManager cookies, String eyes) {
        this.port = port;
        this.cookies = cookies;
        this.eyes = eyes;
        http = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();
    }

    static Client signedIn(int port, String who) {
        Client client = new Client(port);
        client.get("/api/me");
        client.post(
                "/api/sign-in", "{\"email\":\"" + who + "@kestrel-moor.example\",\"password\":\"" + PASSWORD + "\"}");
        client.get("/api/me");
        return client;
    }

    /** The same window, as an editor has it. */
    Client asEditor() {
        return new Client(port, cookies, "editor");
    }

    HttpResponse<String> get(String path) {
        return send(request(path).GET());
    }

    HttpResponse<String> post(String path, String json) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token())
                .POST(BodyPublishers.ofString(json)));
    }

    HttpResponse<String> postWithoutToken(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").POST(BodyPublishers.ofString(json)));
    }

    HttpResponse<String> upload(String path, byte[] bytes) {
        String edge = "edge-of-a-part";
        String head =
                "--" + edge + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"A loom.jpg\"\r\n\r\n";
        return send(request(path)
                .header("Content-Type", "multipart/form-data; boundary=" + edge)
                .header("X-XSRF-TOKEN", token())
                .POST(BodyPublishers.concat(
                        BodyPublishers.ofString(head),
                        BodyPublishers.ofByteArray(bytes),
                        BodyPublishers.ofString("\r\n--" + edge + "--\r\n"))));
    }

    /** Asks the public site, whatever the host name; headers as name, value, name, value. */
    HttpResponse<String> visit(String host, String method, String path, String... headers) {
        HttpRequest.Builder request =
                request(path).header("Host", host + ":" + port).method(method, BodyPublishers.noBody());
        if (headers.length > 0) {
            request.headers(headers);
        }
        return send(request);
    }

    HttpResponse<String> visit(String path) {
        return visit(SITE, "GET", path);
    }

    /** Gives a command against the demo site. */
    HttpResponse<String> command(String json) {
        return command(json, "{}");
    }

    HttpResponse<String> command(String json, String seen) {
        String request = java.util.UUID.randomUUID().toString();
        return post(
                "/api/sites/kestrel-moor/commands",
                "{\"command\":" + json + ",\"seen\":" + seen + ",\"request\":\"" + request + "\"}");
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path));
        return eyes.isEmpty() ? request : request.header("Venue-As", eyes);
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(java.net.HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return http.send(request.build(), BodyHandlers.ofString(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    static List<String> header(HttpResponse<?> response, String name) {
        return response.headers().allValues(name);
    }
}
