package venue.server.delivery;

import com.aayushatharva.brotli4j.Brotli4jLoader;
import com.aayushatharva.brotli4j.encoder.Encoder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;

/** Bytes compressed: gzip (RFC 1952) and brotli (RFC 7932). The same bytes give the same. */
final class Zipped {

    /** Fewer bytes aren't worth it. */
    private static final int WORTH = 600;

    private static final int QUALITY = 9;
    /** What is as long as a sitemap of a large site takes a tenth of the time with less effort, and becomes a twentieth longer. */
    private static final int LONG = 256 * 1024;

    private static final int QUALITY_OF_LONG = 5;
    private static final boolean BROTLI = Brotli4jLoader.isAvailable();

    private Zipped() {}

    /** Whether what is of a type and so long lies there compressed, too. */
    static boolean pays(String type, long size) {
        return BROTLI
                && size >= WORTH
                && (type.startsWith("text/")
                        || type.contains("json")
                        || type.contains("xml")
                        || type.contains("javascript"));
    }

    static byte[] gzip(byte[] bytes) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(out) {
            {
                def.setLevel(bytes.length > LONG ? Deflater.DEFAULT_COMPRESSION : Deflater.BEST_COMPRESSION);
            }
        }) {
            zip.write(bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    static byte[] brotli(byte[] bytes) {
        try {
            return Encoder.compress(bytes, Encoder.Parameters.create(bytes.length > LONG ? QUALITY_OF_LONG : QUALITY));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
