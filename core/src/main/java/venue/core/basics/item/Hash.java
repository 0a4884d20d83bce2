package venue.core.basics.item;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 of a content, as 64 hexadecimal digits; short forms stand in addresses. */
public final class Hash {

    private Hash() {}

    public static String of(byte[] content) {
        return HexFormat.of().formatHex(sha256().digest(content));
    }

    /** The hash of a file, however long it is. */
    public static String of(Path file) throws IOException {
        MessageDigest digest = sha256();
        try (InputStream in = new DigestInputStream(Files.newInputStream(file), digest)) {
            in.transferTo(OutputStream.nullOutputStream());
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    /** Hashes what is read through it. */
    public static Stream stream(InputStream in) {
        return new Stream(in, sha256());
    }

    /** A stream that knows the hash of what has been read of it. */
    public static final class Stream extends DigestInputStream {

        private Stream(InputStream in, MessageDigest digest) {
            super(in, digest);
        }

        public String hash() {
            return HexFormat.of().formatHex(digest.digest());
        }
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java runtime has SHA-256", e);
        }
    }

    /** The first 16 digits: enough to name a file within one site. */
    public static String shortOf(String content) {
        return of(content.getBytes(StandardCharsets.UTF_8)).substring(0, 16);
    }
}
