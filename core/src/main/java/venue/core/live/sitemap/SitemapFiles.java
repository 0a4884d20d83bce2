package venue.core.live.sitemap;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import venue.core.model.gate.Visitor;
import venue.core.show.render.View;

/** The sitemap of a site as the files that search engines get: those of each lot, written by themselves. */
public final class SitemapFiles {

    private final View view;
    private final Map<String, Instant> changed;
    private final int mostAddresses;
    private final SitemapCut cut;

    /**
     * The same for all who ask: it is for search engines, who are strangers.
     *
     * @param changed when pages last changed, by id
     */
    public SitemapFiles(View view, Map<String, Instant> changed) {
        this(view, changed, SitemapWriter.MOST_ADDRESSES);
    }

    SitemapFiles(View view, Map<String, Instant> changed, int mostAddresses) {
        this.view = view.seenBy(Visitor.STRANGER);
        this.changed = changed;
        this.mostAddresses = mostAddresses;
        cut = SitemapCut.of(this.view.edition().plan());
    }

    public SitemapCut cut() {
        return cut;
    }

    /**
     * What lies at an address.
     *
     * @param beside the other addresses at which something else lies when it is otherwise
     */
    public record File(byte[] xml, List<String> beside) {}

    /** The file at an address; written into memory, by itself. */
    public Optional<File> at(SitemapPath path) {
        if (path.isFirst() && cut.size() > 1) {
            return Optional.of(new File(bytes(index()), List.of()));
        }
        int lot = path.isFirst() ? 1 : path.lot();
        if (!has(lot)) {
            return Optional.empty();
        }
        ByteArrayOutputStream xml = new ByteArrayOutputStream();
        int count = write(lot, n -> n == path.file() ? xml : OutputStream.nullOutputStream());
        if (path.file() > count) {
            return Optional.empty();
        }
        List<String> beside = count == 1
                ? List.of()
                : Stream.concat(Stream.of(SitemapPath.FIRST), SitemapPath.of(lot, count))
                        .map(SitemapPath::text)
                        .toList();
        return Optional.of(new File(path.isFirst() && count > 1 ? bytes(index()) : xml.toByteArray(), beside));
    }

    private static byte[] bytes(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }

    /** Whether a lot has a file. The only one has, whatever is in it. */
    public boolean has(int lot) {
        return cut.size() == 1 && lot == 1 || addresses(lot).findFirst().isPresent();
    }

    /** Writes the files of a lot; gives how many there are, nearly always one. */
    public int write(int lot, SitemapWriter.Files files) {
        try {
            return SitemapWriter.write(addresses(lot), files, mostAddresses, SitemapWriter.MOST_BYTES);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Stream<Sitemap.Address> addresses(int lot) {
        return Sitemap.addresses(view, cut.in(lot)::stream, changed);
    }

    /** The index of all the files, for a sitemap that has several. */
    public String index() {
        return SitemapWriter.index(IntStream.rangeClosed(1, cut.size())
                .filter(this::has)
                .boxed()
                .flatMap(lot -> SitemapPath.of(lot, write(lot, n -> OutputStream.nullOutputStream())))
                .map(p -> view.origin() + p.text())
                .toList());
    }
}
