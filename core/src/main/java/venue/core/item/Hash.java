package venue.core.item;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 of a content, as 64 hexadecimal digits; short forms stand in addresses. */
public final class Hash {

    private Hash() {}

    public static String of(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java runtime has SHA-256", e);
        }
    }

    /** The first 16 digits: enough to name a file within one site. */
    public static String shortOf(String content) {
        return of(content.getBytes(StandardCharsets.UTF_8)).substring(0, 16);
    }
}
