package venue.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
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
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import venue.store.database.Database;

/**
 * A server under load, in a process of its own: a command's time beside 200 event streams that nobody reads against none, in
 * turns; then ten pictures at once whose 144 kB unfold to 49 million pixels each. Arguments: the server's jar, a folder.
 */
final class Load {

    private static final int PORT = 18_090;
    private static final int PEOPLE = 10;
    private static final int STREAMS_EACH = 20;
    private static final int ROUNDS = 9;
    private static final int COMMANDS = 300;
    private static final int WARMING = 8;
    private static final int PICTURES = 10;
    private static final String SITE = "/api/sites/kestrel-moor";
    private static final String HEAP = "512m";

    private Load() {}

    public static void main(String[] args) throws Exception {
        Path data = Path.of(args[1]);
        DemoServer.stop(DemoServer.start(args[0], data, PORT, HEAP));
        try (Database database = Database.open(data)) {
            DemoServer.invite(database, PEOPLE, true);
        }
        Process server = DemoServer.start(args[0], data, PORT, HEAP);
        try {
            List<Window> windows = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                windows.add(new Window("person" + i));
            }
            streams(windows);
            pictures(server, windows.get(0));
        } finally {
            DemoServer.stop(server);
        }
    }

    private static void streams(List<Window> windows) throws IOException {
        for (int i = 0; i < WARMING; i++) {
            windows.get(0).commands();
        }
        List<Double> ratios = new ArrayList<>();
        for (int round = 1; round <= ROUNDS; round++) {
            double without = windows.get(0).commands();
            List<Socket> unread = new ArrayList<>();
            for (Window window : windows) {
                for (int i = 0; i < STREAMS_EACH; i++) {
                    unread.add(window.stream("w" + i));
                }
            }
            double with = windows.get(0).commands();
            for (Socket socket : unread) {
                socket.close();
            }
            ratios.add(with / without);
            System.out.printf(
                    "round %d: a command %.2f ms, beside %d unread streams %.2f ms, ratio %.2f%n",
                    round, without, unread.size(), with, with / without);
        }
        System.out.printf(
                "median ratio %.2f%n",
                ratios.stream().sorted().skip(ROUNDS / 2).findFirst().orElseThrow());
    }

    private static void pictures(Process server, Window window) throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        List<byte[]> files = new ArrayList<>();
        for (int i = 0; i < PICTURES; i++) {
            BufferedImage image = new BufferedImage(7_000, 7_050, BufferedImage.TYPE_INT_RGB);
            image.setRGB(i, 0, 0xffffff);
            png.reset();
            ImageIO.write(image, "png", png);
            files.add(png.toByteArray());
        }
        long memory = peak(server);
        Duration processor = server.info().totalCpuDuration().orElseThrow();
        long began = System.nanoTime();
        List<CompletableFuture<HttpResponse<String>>> sent =
                files.stream().map(window::picture).toList();
        String answers = sent.stream()
                .map(s -> String.valueOf(s.join().statusCode()))
                .collect(Collectors.groupingBy(s -> s, Collectors.counting()))
                .toString();
        double seconds = (System.nanoTime() - began) / 1e9;
        Duration used = server.info().totalCpuDuration().orElseThrow().minus(processor);
        System.out.printf(
                "%d pictures of %d bytes and 49 million pixels at once: answers %s, %.1f s, processor %.1f s, peak memory %d MB before and %d MB after%n",
                PICTURES, files.get(0).length, answers, seconds, used.toMillis() / 1e3, memory, peak(server));
    }

    /** The most memory that the process has had, in MB, as Linux counts it. */
    private static long peak(Process server) throws IOException {
        try (Stream<String> lines = Files.lines(Path.of("/proc/" + server.pid() + "/status"))) {
            return lines.filter(l -> l.startsWith("VmHWM"))
                    .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                    .sum();
        }
    }

    /** Somebody who is signed in. */
    private static final class Window {

        private final CookieManager cookies = new CookieManager();
        private final HttpClient http = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .version(HttpClient.Version.HTTP_1_1)
                .build();

        private Window(String person) {
            get("/api/me");
            post(
                    "/api/sign-in",
                    "{\"email\":\"" + person + "@venue.example\",\"password\":\"" + DemoServer.PASSWORD + "\"}");
            get("/api/me");
        }

        /** The median time of a command, in ms. */
        double commands() {
            double[] times = new double[COMMANDS];
            for (int i = 0; i < COMMANDS; i++) {
                long began = System.nanoTime();
                post(
                        SITE + "/commands",
                        "{\"command\":{\"verb\":\"set-title\",\"page\":\"tonight\",\"title\":\"Tonight " + i
                                + "\"},\"seen\":{},\"request\":\"" + UUID.randomUUID() + "\"}");
                times[i] = (System.nanoTime() - began) / 1e6;
            }
            Arrays.sort(times);
            return times[COMMANDS / 2];
        }

        /** A stream of events that is opened and never read. */
        Socket stream(String window) throws IOException {
            Socket socket = new Socket();
            socket.setReceiveBufferSize(4_096);
            socket.connect(new InetSocketAddress("localhost", PORT));
            String head = "GET " + SITE + "/events?window=" + window + "&at=plan HTTP/1.1\r\nHost: localhost:" + PORT
                    + "\r\nCookie: " + cookie() + "\r\n\r\n";
            socket.getOutputStream().write(head.getBytes(StandardCharsets.ISO_8859_1));
            return socket;
        }

        CompletableFuture<HttpResponse<String>> picture(byte[] bytes) {
            String edge = "edge-of-a-part";
            String head =
                    "--" + edge + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"Blank.png\"\r\n\r\n";
            HttpRequest request = request(SITE + "/media")
                    .header("Content-Type", "multipart/form-data; boundary=" + edge)
                    .POST(BodyPublishers.concat(
                            BodyPublishers.ofString(head),
                            BodyPublishers.ofByteArray(bytes),
                            BodyPublishers.ofString("\r\n--" + edge + "--\r\n")))
                    .build();
            return http.sendAsync(request, BodyHandlers.ofString());
        }

        private void get(String path) {
            send(request(path).build());
        }

        private void post(String path, String json) {
            HttpResponse<String> answer = send(request(path)
                    .header("Content-Type", "application/json")
                    .POST(BodyPublishers.ofString(json))
                    .build());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(path + ": " + answer.statusCode() + " " + answer.body());
            }
        }

        private HttpRequest.Builder request(String path) {
            String token = cookies.getCookieStore().getCookies().stream()
                    .filter(c -> c.getName().startsWith("XSRF-TOKEN-"))
                    .map(java.net.HttpCookie::getValue)
                    .findFirst()
                    .orElse("");
            return HttpRequest.newBuilder(URI.create("http://localhost:" + PORT + path))
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
}
