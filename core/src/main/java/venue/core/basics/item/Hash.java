package venue.core.basics.item;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
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
import org.jspecify.annotations.Nullable;

/** SHA-256 of a content, as 64 hexadecimal digits; short forms stand in addresses. */
public record Hash(@JsonValue String text) implements Id {

    /** The hash of what is not there. */
    public static final Hash NONE = new Hash("");

    private static final int SHORT = 16;

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public Hash {}

    public static Hash over(byte[] content) {
        return made(sha256().digest(content));
    }

    /** Of words, as UTF-8. */
    public static Hash over(String content) {
        return over(content.getBytes(StandardCharsets.UTF_8));
    }

    /** The hash of a file, however long it is. */
    public static Hash over(Path file) throws IOException {
        try (Stream in = stream(Files.newInputStream(file))) {
            in.transferTo(OutputStream.nullOutputStream());
            return in.hash();
        }
    }

    /** The one that these digits are; null for none. */
    public static @Nullable Hash of(@Nullable String text) {
        return text == null ? null : new Hash(text);
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

        public Hash hash() {
            return made(digest.digest());
        }
    }

    private static Hash made(byte[] digest) {
        return new Hash(HexFormat.of().formatHex(digest));
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java runtime has SHA-256", e);
        }
    }

    /** The first so many digits. */
    public String first(int digits) {
        return text.substring(0, digits);
    }

    /** The first 16 digits of the hash of words: enough to name a file within one site. */
    public static String shortOf(String content) {
        return over(content).first(SHORT);
    }

    @Override
    public String toString() {
        return text;
    }
}
