package venue.bench;

import java.io.IOException;
import java.io.InputStream;
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
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What visitors who mean harm can cost, against the real server with 256 MB of heap: searches for nothing on a hundred pages with ninety
 * thousand words; files of 23 MB read slowly; fifty people who sign in behind one address. Each
 * line says what is asked and what was seen; exits with 1 where something was not kept. Arguments: the server's jar, a folder.
 */
final class Harm {

    private static final int PORT = 18_095;
    private static final String SITE = "kestrel-moor.localhost";
    private static final int SEARCHERS = 70;
    private static final int SLOW = 50;

    static {
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
    }

    private static final HttpClient HTTP =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    private static boolean kept = true;

    private Harm() {}

    public static void main(String[] args) throws Exception {
        Path data = Path.of(args[1]);
        DemoServer.stop(DemoServer.start(args[0], data, PORT, "1g"));
        HarmedSite.prepare(data);
        Process server = DemoServer.start(args[0], data, PORT, "256m");
        try {
            visit("/");
            searches(server);
            files(server, data);
            signIns();
        } finally {
            DemoServer.stop(server);
        }
        System.exit(kept ? 0 : 1);
    }

    private static void said(String what, String asked, String seen, boolean is) {
        kept &= is;
        System.out.printf("%-46s asked %-22s seen %-30s %s%n", what, asked, seen, is ? "" : "NOT KEPT");
    }

    private static <T> HttpResponse<T> send(HttpClient client, HttpRequest request, HttpResponse.BodyHandler<T> as) {
        try {
            return client.send(request, as);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static HttpResponse<InputStream> visit(String path) {
        return send(
                HTTP,
                HttpRequest.newBuilder(URI.create("http://localhost:" + PORT + path))
                        .header("Host", SITE + ":" + PORT)
                        .build(),
                BodyHandlers.ofInputStream());
    }

    private static String unknown() {
        return "/search?q="
                + IntStream.range(0, 12).mapToObj(n -> HarmedSite.word()).collect(Collectors.joining("+"));
    }

    private static double processor(Process server) {
        return server.info().totalCpuDuration().orElse(Duration.ZERO).toMillis();
    }

    private static void searches(Process server) throws Exception {
        for (String path : List.of("/search?q=", "/-/suggest?q=")) {
            double least = Double.MAX_VALUE;
            for (int round = 0; round < 5; round++) {
                double before = processor(server);
                for (int i = 0; i < 20; i++) {
                    visit(unknown().replace("/search?q=", path)).body().readAllBytes();
                }
                least = Math.min(least, (processor(server) - before) / 20);
            }
            said("twelve unknown words, " + path, "≤ 50 ms of processor", least + " ms", least <= 50);
        }
        long until = System.nanoTime() + Duration.ofSeconds(10).toNanos();
        List<CompletableFuture<Map<Integer, Integer>>> all = together(SEARCHERS, n -> answers(until));
        double[] health = IntStream.range(0, 40)
                .mapToDouble(n -> {
                    long began = System.nanoTime();
                    long status = get("/-/health/live").statusCode();
                    return status == 200 ? (System.nanoTime() - began) / 1e6 : 1e9;
                })
                .sorted()
                .toArray();
        Map<Integer, Integer> statuses = new TreeMap<>();
        all.forEach(a -> a.join().forEach((status, times) -> statuses.merge(status, times, Integer::sum)));
        boolean fine = statuses.keySet().stream().allMatch(s -> s == 200 || s == 503);
        said(SEARCHERS + " such visitors for 10 s", "200, or 503 to wait", statuses.toString(), fine);
        said("/-/health/live beside them, worst", "≤ 3,000 ms", Math.round(health[39]) + " ms", health[39] <= 3_000);
    }

    private static Map<Integer, Integer> answers(long until) {
        Map<Integer, Integer> statuses = new TreeMap<>();
        while (System.nanoTime() < until) {
            statuses.merge(visit(unknown()).statusCode(), 1, Integer::sum);
        }
        return statuses;
    }

    private static <T> List<CompletableFuture<T>> together(int many, IntFunction<T> work) {
        return IntStream.range(0, many)
                .mapToObj(n -> {
                    CompletableFuture<T> done = new CompletableFuture<>();
                    Thread thread = new Thread(() -> {
                        try {
                            done.complete(work.apply(n));
                        } catch (RuntimeException e) {
                            done.completeExceptionally(e);
                        }
                    });
                    thread.setDaemon(true);
                    thread.start();
                    return done;
                })
                .toList();
    }

    private static HttpResponse<String> get(String path) {
        URI at = URI.create("http://localhost:" + PORT + path);
        return send(HTTP, HttpRequest.newBuilder(at).build(), BodyHandlers.ofString());
    }

    /** Fifty read a little of a file each second, while others have the whole of it, and pages go on. */
    private static void files(Process server, Path data) throws Exception {
        List<Socket> slow = new ArrayList<>();
        for (int i = 0; i < SLOW; i++) {
            Socket socket = new Socket();
            socket.setReceiveBufferSize(4_096);
            socket.connect(new InetSocketAddress("localhost", PORT));
            socket.getOutputStream()
                    .write(("GET /-/media/" + HarmedSite.file(i % HarmedSite.FILES) + " HTTP/1.1\r\nHost: " + SITE + ":"
                                    + PORT + "\r\n\r\n")
                            .getBytes(StandardCharsets.ISO_8859_1));
            socket.getInputStream().readNBytes(512);
            slow.add(socket);
        }
        long whole = 0;
        for (int i = 0; i < HarmedSite.FILES; i++) {
            whole += visit("/-/media/" + HarmedSite.file(i)).body().transferTo(java.io.OutputStream.nullOutputStream());
        }
        int[] pages = IntStream.range(0, 50)
                .map(n -> visit("/visit").statusCode())
                .distinct()
                .toArray();
        said(
                HarmedSite.FILES + " files of 23 MB beside " + SLOW + " slow visitors",
                "all of every file",
                whole / 1024 / 1024 + " MB",
                whole == (long) HarmedSite.FILES * HarmedSite.FILE_BYTES);
        said("pages beside them, with 256 MB of heap", "200", Arrays.toString(pages), Arrays.equals(pages, new int[] {
            200
        }));
        said("the server goes on", "alive", server.isAlive() ? "alive" : "gone", server.isAlive());
        for (Socket socket : slow) {
            socket.close();
        }
    }

    private static void signIns() {
        long began = System.nanoTime();
        List<CompletableFuture<HttpResponse<String>>> all = together(HarmedSite.PEOPLE, Harm::signIn);
        Map<Integer, Long> statuses = all.stream()
                .map(CompletableFuture::join)
                .collect(Collectors.groupingBy(HttpResponse::statusCode, TreeMap::new, Collectors.counting()));
        double seconds = (System.nanoTime() - began) / 1e9;
        boolean told = all.stream()
                .map(CompletableFuture::join)
                .filter(a -> a.statusCode() == 503)
                .allMatch(a -> a.headers().firstValue("Retry-After").isPresent());
        said(
                HarmedSite.PEOPLE + " people sign in behind one address",
                "50 in ≤ 30 s",
                statuses + ", %.1f s".formatted(seconds),
                statuses.getOrDefault(200, 0L) >= 50 && seconds <= 30 && told);
    }

    private static HttpResponse<String> signIn(int number) {
        CookieManager cookies = new CookieManager();
        HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
        URI top = URI.create("http://localhost:" + PORT);
        send(client, HttpRequest.newBuilder(top.resolve("/api/me")).build(), BodyHandlers.discarding());
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().startsWith("XSRF-TOKEN-"))
                .findFirst()
                .orElseThrow()
                .getValue();
        String who = "{\"email\":\"person" + number + "@venue.example\",\"password\":\"" + DemoServer.PASSWORD + "\"}";
        return send(
                client,
                HttpRequest.newBuilder(top.resolve("/api/sign-in"))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .POST(BodyPublishers.ofString(who))
                        .build(),
                BodyHandlers.ofString());
    }
}
