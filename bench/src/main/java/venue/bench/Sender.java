package venue.bench;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A visitor of the demo with an address of their own (127.0.0.2 and on: limits are by address), who fills in what the page says. */
final class Sender {

    private static final String HOST = "kestrel-moor.localhost";
    private static final Pattern STAMP = Pattern.compile("name=\"-stamp\" value=\"([^\"]*)\"");
    private static final Pattern LOCATION = Pattern.compile("(?i)\r\nLocation: (\\S+)");
    private static final int TIMEOUT_MS = 30_000;

    private final int port;
    private final String from;

    Sender(int port, int number) {
        this.port = port;
        from = "127." + number / 62_500 + "." + number / 250 % 250 + "." + (2 + number % 250);
    }

    /** What a server answers, head and body. */
    record Said(int status, String whole) {

        /** Where it leads, without what stands behind the number sign. */
        String leads() {
            Matcher found = LOCATION.matcher(whole);
            return found.find() ? found.group(1).replaceAll("#.*", "") : "";
        }
    }

    Said get(String path) throws IOException {
        return ask("GET " + path + " HTTP/1.1\r\nHost: " + HOST + ":" + port + "\r\nConnection: close\r\n\r\n");
    }

    /** The stamp that stands in a page's form. */
    String stamp(String path) throws IOException {
        Matcher found = STAMP.matcher(get(path).whole());
        return found.find() ? found.group(1) : "";
    }

    Said post(String path, Map<String, String> form) throws IOException {
        String body = form.entrySet().stream()
                .map(e -> URLEncoder.encode(e.getKey(), StandardCharsets.UTF_8) + "="
                        + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return ask("POST " + path + " HTTP/1.1\r\nHost: " + HOST + ":" + port
                + "\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: " + body.length()
                + "\r\nConnection: close\r\n\r\n" + body);
    }

    private Said ask(String request) throws IOException {
        try (Socket socket = new Socket()) {
            socket.bind(new InetSocketAddress(InetAddress.getByName(from), 0));
            socket.setSoTimeout(TIMEOUT_MS);
            socket.connect(new InetSocketAddress("127.0.0.1", port), TIMEOUT_MS);
            OutputStream out = socket.getOutputStream();
            out.write(request.getBytes(StandardCharsets.UTF_8));
            String whole = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (!whole.startsWith("HTTP/1.1 ") || !whole.contains("\r\n\r\n")) {
                throw new IOException("the answer broke off");
            }
            return new Said(Integer.parseInt(whole.substring(9, 12)), whole);
        }
    }
}
