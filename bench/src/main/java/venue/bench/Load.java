package venue.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
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
    private static final int WARMING = 8;
    private static final int PICTURES = 10;
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
                windows.add(new Window(PORT, "person" + i + "@venue.example"));
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
}
