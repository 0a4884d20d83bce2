package venue.core.live.sitemap;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Writes addresses as the files of a sitemap, after sitemaps.org 0.9 with the image extension 1.1: one address after the other, so that
 * a million take no more memory than one. A file is ended where the next address would make it too long.
 */
public final class SitemapWriter {

    /** The most addresses one file may hold. */
    public static final int MOST_ADDRESSES = 50_000;

    /** The most bytes one file may have, not compressed. */
    public static final int MOST_BYTES = 50 * 1024 * 1024;

    private static final String XML = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n";
    private static final String NAMESPACE = "http://www.sitemaps.org/schemas/sitemap/0.9";
    private static final String IMAGES = "http://www.google.com/schemas/sitemap-image/1.1";
    private static final byte[] BEGINNING =
            bytes(XML + "<urlset xmlns=\"" + NAMESPACE + "\" xmlns:image=\"" + IMAGES + "\">\n");
    private static final byte[] END = bytes("</urlset>\n");

    /** Where the files go. */
    public interface Files {

        /**
         * Begins a file; the one before is closed by then.
         *
         * @param number from 1
         */
        OutputStream begin(int number) throws IOException;
    }

    private final Files files;
    private final int mostAddresses;
    private final int mostBytes;
    private final StringBuilder url = new StringBuilder();
    private OutputStream out = OutputStream.nullOutputStream();
    private int number;
    private int count;
    private int size;

    private SitemapWriter(Files files, int mostAddresses, int mostBytes) {
        this.files = files;
        this.mostAddresses = mostAddresses;
        this.mostBytes = mostBytes;
    }

    /** Writes them; gives how many files there are, at least one. */
    public static int write(Stream<Sitemap.Address> addresses, Files files) throws IOException {
        return write(addresses, files, MOST_ADDRESSES, MOST_BYTES);
    }

    static int write(Stream<Sitemap.Address> addresses, Files files, int mostAddresses, int mostBytes)
            throws IOException {
        SitemapWriter writer = new SitemapWriter(files, mostAddresses, mostBytes);
        writer.begin();
        try {
            for (Iterator<Sitemap.Address> each = addresses.iterator(); each.hasNext(); ) {
                writer.add(each.next());
            }
            writer.end();
        } finally {
            writer.out.close();
        }
        return writer.number;
    }

    private void begin() throws IOException {
        out = files.begin(++number);
        out.write(BEGINNING);
        count = 0;
        size = BEGINNING.length + END.length;
    }

    private void end() throws IOException {
        out.write(END);
        out.close();
    }

    private void add(Sitemap.Address address) throws IOException {
        url.setLength(0);
        told(address);
        byte[] line = bytes(url.toString());
        if (count == mostAddresses || count > 0 && size + line.length > mostBytes) {
            end();
            begin();
        }
        out.write(line);
        count++;
        size += line.length;
    }

    private void told(Sitemap.Address address) {
        url.append("<url><loc>");
        escape(address.address());
        url.append("</loc>");
        if (address.changed().isAfter(Instant.EPOCH)) {
            url.append("<lastmod>");
            second(address.changed());
            url.append("</lastmod>");
        }
        for (String picture : address.pictures()) {
            url.append("<image:image><image:loc>");
            escape(picture);
            url.append("</image:loc></image:image>");
        }
        url.append("</url>\n");
    }

    /** Addresses are percent-encoded: of what XML keeps for itself, they can hold these two (RFC 3986, 2.2). */
    private void escape(String address) {
        boolean plain = address.indexOf('&') < 0 && address.indexOf('\'') < 0;
        url.append(plain ? address : address.replace("&", "&amp;").replace("'", "&apos;"));
    }

    /** ISO 8601 in UTC to the second, as W3C's note on dates has it. */
    private void second(Instant at) {
        LocalDateTime time = LocalDateTime.ofEpochSecond(at.getEpochSecond(), 0, ZoneOffset.UTC);
        url.append(time.getYear());
        two('-', time.getMonthValue());
        two('-', time.getDayOfMonth());
        two('T', time.getHour());
        two(':', time.getMinute());
        two(':', time.getSecond());
        url.append('Z');
    }

    private void two(char before, int number) {
        url.append(before).append((char) ('0' + number / 10)).append((char) ('0' + number % 10));
    }

    /** The index that names files, by their addresses. */
    static String index(List<String> files) {
        StringBuilder out = new StringBuilder(XML).append("<sitemapindex xmlns=\"" + NAMESPACE + "\">\n");
        files.forEach(f -> out.append("<sitemap><loc>").append(f).append("</loc></sitemap>\n"));
        return out.append("</sitemapindex>\n").toString();
    }

    private static byte[] bytes(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }
}
