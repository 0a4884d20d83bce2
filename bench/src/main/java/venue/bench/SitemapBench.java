package venue.bench;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import venue.core.live.sitemap.Sitemap;
import venue.core.live.sitemap.SitemapWriter;
import venue.core.model.page.Page;

/**
 * What a sitemap of 1,000,000 addresses costs: written as the server writes it, by turns with writing the same bytes from a file that
 * holds them. Run with a heap of 64 MB, so that it can't take more. Argument: a folder. Exits with 1 where it takes over three times as long.
 */
final class SitemapBench {

    private static final int ADDRESSES = 1_000_000;
    private static final int ROUNDS = 5;
    private static final double MOST = 3;
    private static final int BUFFER = 1 << 16;
    private static final Instant BEGIN = Instant.parse("2026-01-01T00:00:00Z");

    private SitemapBench() {}

    public static void main(String[] args) throws IOException {
        Path folder = Files.createDirectories(Path.of(args[0]));
        List<Double> ratios = new ArrayList<>();
        for (int round = 0; round <= ROUNDS; round++) {
            long begun = System.nanoTime();
            int files = SitemapWriter.write(addresses(), n -> open(folder.resolve("sitemap-" + n + ".xml")));
            long written = System.nanoTime();
            for (int n = 1; n <= files; n++) {
                try (InputStream in = Files.newInputStream(folder.resolve("sitemap-" + n + ".xml"));
                        OutputStream out = open(folder.resolve("again.xml"))) {
                    in.transferTo(out);
                }
            }
            long again = System.nanoTime();
            double ratio = (double) (written - begun) / (again - written);
            if (round > 0) {
                ratios.add(ratio);
                System.out.printf(
                        "%d files: written in %d ms, the same bytes in %d ms%n",
                        files, (written - begun) / 1_000_000, (again - written) / 1_000_000);
            }
        }
        double median =
                Median.of(ratios.stream().mapToDouble(Double::doubleValue).toArray());
        System.out.printf("times as long, the median of %d rounds: %.2f, asked <= %.0f%n", ROUNDS, median, MOST);
        System.exit(median <= MOST ? 0 : 1);
    }

    private static OutputStream open(Path file) throws IOException {
        return new BufferedOutputStream(Files.newOutputStream(file), BUFFER);
    }

    private static Stream<Sitemap.Address> addresses() {
        Page page = Page.of("p", "Page", "page", "standard");
        return IntStream.range(0, ADDRESSES)
                .mapToObj(n -> new Sitemap.Address(
                        page,
                        "https://kestrel-moor.example/learn/made-up/page-" + n,
                        BEGIN.plusSeconds(n),
                        n % 3 == 0
                                ? List.of("https://kestrel-moor.example/-/media/%020x-1600.jpg".formatted(n))
                                : List.of()));
    }
}
