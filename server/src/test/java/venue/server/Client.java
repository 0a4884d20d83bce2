package venue.server;

import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodySubscribers;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javax.net.ssl.SSLContext;
import tools.jackson.databind.json.JsonMapper;

/** A browser's worth of HTTP: cookies, the CSRF token, and any host name at the server under test. */
final class Client {

    private static final JsonMapper JSON = new JsonMapper();

    static {
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
    }

    static final String SITE = "kestrel-moor.localhost";
    static final String PASSWORD = DemoFolder.PASSWORD;

    private final String scheme;
    private final int port;
    private final CookieManager cookies;
    private final String eyes;
    private final HttpClient http;
    /** Keeps no cookies: what is sent is what a test says. */
    private final HttpClient plain = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    Client(int port) {
        this("http", port, new CookieManager(), "", HttpClient.newBuilder());
    }

    /** One that comes over TLS, and believes in a certificate. */
    Client(int port, SSLContext believes) {
        this("https", port, new CookieManager(), "", HttpClient.newBuilder().sslContext(believes));
    }

    private Client(String scheme, int port, CookieManager cookies, String eyes, HttpClient.Builder http) {
        this.scheme = scheme;
        this.port = port;
        this.cookies = cookies;
        this.eyes = eyes;
        this.http = http.version(HttpClient.Version.HTTP_1_1)
                .cookieHandler(cookies)
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();
    }

    /** Tries to come in with a wrong password, by way of a proxy that writes down where from. */
    static void failsFrom(int port, String header, String value) {
        Client client = new Client(port);
        client.get("/api/me");
        client.send(client.request("/api/sign-in")
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", client.token())
                .header(header, value)
                .POST(BodyPublishers.ofString(json("email", "maja@kestrel-moor.example", "password", "wrong"))));
    }

    static Client signedIn(int port, String who) {
        return new Client(port).signIn(who);
    }

    Client signIn(String who) {
        Client client = this;
        client.get("/api/me");
        client.post("/api/sign-in", json("email", who + "@kestrel-moor.example", "password", PASSWORD));
        if (client.get("/api/me").statusCode() != 200) {
            throw new AssertionError(who + " could not sign in");
        }
        return client;
    }

    /** The same window, as an editor has it. */
    Client asEditor() {
        return new Client(scheme, port, cookies, "editor", HttpClient.newBuilder());
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
        return upload(path, "A loom.jpg", bytes);
    }

    HttpResponse<String> upload(String path, String name, byte[] bytes) {
        return upload(path, name, BodyPublishers.ofByteArray(bytes));
    }

    HttpResponse<String> upload(String path, String name, BodyPublisher bytes) {
        String edge = "edge-of-a-part";
        String head =
                "--" + edge + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name + "\"\r\n\r\n";
        return send(request(path)
                .header("Content-Type", "multipart/form-data; boundary=" + edge)
                .header("X-XSRF-TOKEN", token())
                .POST(BodyPublishers.concat(
                        BodyPublishers.ofString(head), bytes, BodyPublishers.ofString("\r\n--" + edge + "--\r\n"))));
    }

    /** Asks in any way, with a body that may be anything; of a stream only its beginning is waited for. */
    HttpResponse<String> send(String method, String path, String type, String body) {
        HttpRequest.Builder request = request(path)
                .header("X-XSRF-TOKEN", token())
                .method(method, method.equals("GET") ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        return send(type.isEmpty() ? request : request.header("Content-Type", type));
    }

    /** Asks by hand, for what no client of HTTP would send; the body is read to the connection's end. */
    String raw(String host, String method, String path) {
        try (Socket socket = new Socket("localhost", port)) {
            String head =
                    method + " " + path + " HTTP/1.1\r\nHost: " + host + ":" + port + "\r\nConnection: close\r\n\r\n";
            socket.getOutputStream().write(head.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
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

    /** Sends a form to the public site; headers as name, value, name, value. */
    HttpResponse<String> form(String path, String body, String... headers) {
        return form(path, "application/x-www-form-urlencoded", body.getBytes(StandardCharsets.UTF_8), headers);
    }

    HttpResponse<String> form(String path, String type, byte[] body, String... headers) {
        HttpRequest.Builder request = request(path)
                .header("Host", SITE + ":" + port)
                .header("Content-Type", type)
                .POST(BodyPublishers.ofByteArray(body));
        return plainly(headers.length > 0 ? request.headers(headers) : request);
    }

    /** Asks the public site of the demo as somebody whom a cookie makes known. */
    HttpResponse<String> knownBy(String cookie, String path) {
        return plainly(request(path).header("Host", SITE + ":" + port).header("Cookie", cookie));
    }

    private HttpResponse<String> plainly(HttpRequest.Builder request) {
        try {
            return plain.send(request.build(), info -> BodySubscribers.ofString(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Asks the public site of the demo for bytes as they are. */
    HttpResponse<byte[]> bytes(String path) {
        return send(request(path).header("Host", SITE + ":" + port), info -> BodySubscribers.ofByteArray());
    }

    /** Asks whatever listens on a port of this machine; no redirect is followed. Headers as name, value, name, value. */
    HttpResponse<byte[]> bytesAt(int other, String path, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + other + path));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return send(request, HttpResponse.BodyHandlers.ofByteArray());
    }

    HttpResponse<String> visitAt(int other, String path) {
        return send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + other + path)),
                HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<String> visit(String path) {
        return visit(SITE, "GET", path);
    }

    /** An object as JSON, out of names and values in turn. */
    static String json(Object... named) {
        Map<String, Object> object = new LinkedHashMap<>();
        for (int i = 0; i < named.length; i += 2) {
            object.put(String.valueOf(named[i]), named[i + 1]);
        }
        return JSON.writeValueAsString(object);
    }

    /** Gives a command against the demo site: its verb, then names and values in turn. */
    HttpResponse<String> give(String verb, Object... named) {
        return command(
                json(Stream.concat(Stream.of("verb", verb), Stream.of(named)).toArray()));
    }

    /** Gives a command that is JSON already, or is none. */
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
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(scheme + "://localhost:" + port + path));
        return eyes.isEmpty() ? request : request.header("Venue-As", eyes);
    }

    /** The cookies, as a header names them. */
    String cookie() {
        return cookies.getCookieStore().getCookies().stream()
                .map(c -> c.getName() + "=" + c.getValue())
                .collect(java.util.stream.Collectors.joining("; "));
    }

    String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().startsWith("XSRF-TOKEN-"))
                .map(java.net.HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private HttpResponse<String> send(HttpRequest.Builder request) {
        return send(
                request,
                info -> isStream(info)
                        ? BodySubscribers.mapping(BodySubscribers.ofInputStream(), Client::shut)
                        : BodySubscribers.ofString(StandardCharsets.UTF_8));
    }

    private <T> HttpResponse<T> send(HttpRequest.Builder request, HttpResponse.BodyHandler<T> body) {
        try {
            return http.send(request.build(), body);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String shut(InputStream stream) {
        try (stream) {
            return "";
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static boolean isStream(HttpResponse.ResponseInfo info) {
        return info.headers().firstValue("content-type").orElse("").startsWith("text/event-stream");
    }

    static List<String> header(HttpResponse<?> response, String name) {
        return response.headers().allValues(name);
    }
}
