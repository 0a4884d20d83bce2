package venue.server.live;

import java.io.BufferedOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.zip.GZIPOutputStream;

/**
 * A file that is written twice, as it is and compressed, and named by its bytes once it is whole: where one of the same bytes is there
 * already, that one stays.
 */
final class ZippedFile extends FilterOutputStream {

    private static final int NAME = 20;
    private static final int BUFFER = 1 << 16;

    private final Path folder;
    private final String ending;
    private final Path plain;
    private final Path zipped;
    private final OutputStream gzip;
    private final MessageDigest digest;
    private boolean closed;
    private String name = "";

    ZippedFile(Path folder, String ending) throws IOException {
        this(
                folder,
                ending,
                Files.createTempFile(folder, "new", ""),
                Files.createTempFile(folder, "new", ".gz"),
                sha());
    }

    private ZippedFile(Path folder, String ending, Path plain, Path zipped, MessageDigest digest) throws IOException {
        super(new DigestOutputStream(new BufferedOutputStream(Files.newOutputStream(plain), BUFFER), digest));
        this.folder = folder;
        this.ending = ending;
        this.plain = plain;
        this.zipped = zipped;
        this.digest = digest;
        gzip = new GZIPOutputStream(new BufferedOutputStream(Files.newOutputStream(zipped), BUFFER), BUFFER);
    }

    private static MessageDigest sha() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException none) {
            throw new IllegalStateException(none);
        }
    }

    @Override
    public void write(int octet) throws IOException {
        out.write(octet);
        gzip.write(octet);
    }

    @Override
    public void write(byte[] bytes, int from, int length) throws IOException {
        out.write(bytes, from, length);
        gzip.write(bytes, from, length);
    }

    @Override
    public void close() throws IOException {
        if (!closed) {
            closed = true;
            super.close();
            gzip.close();
            name = HexFormat.of().formatHex(digest.digest()).substring(0, NAME) + "." + ending;
            keep(plain, lies().file());
            keep(zipped, folder.resolve(name + ".gz"));
        }
    }

    private static void keep(Path made, Path as) throws IOException {
        if (Files.exists(as)) {
            Files.delete(made);
        } else {
            Files.move(made, as);
        }
    }

    /** Where it lies, once it is closed. */
    Reply.Lies lies() {
        return new Reply.Lies(folder.resolve(name), folder.resolve(name + ".gz"));
    }
}
