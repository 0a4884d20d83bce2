package venue.store.answer;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import venue.store.database.Database;

/** Seals what goes out into pages and letters, so that it is known when it comes back (HMAC-SHA256, RFC 2104). */
public final class FormSeal {

    private static final String ALGORITHM = "HmacSHA256";
    private static final int KEY_BYTES = 32;
    private static final int SHOWN_BYTES = 12;

    private final SecretKeySpec key;

    public FormSeal(Database database) {
        String kept = database.setting("form-key", () -> {
            byte[] chance = new byte[KEY_BYTES];
            new SecureRandom().nextBytes(chance);
            return HexFormat.of().formatHex(chance);
        });
        key = new SecretKeySpec(HexFormat.of().parseHex(kept), ALGORITHM);
    }

    /** A secret for somebody else, by what it is for: 64 hexadecimal digits. */
    public String secret(String words) {
        return HexFormat.of().formatHex(whole(key, words));
    }

    /** Some words sealed with such a secret: 64 hexadecimal digits. */
    public static String hmac(String secret, String words) {
        return HexFormat.of()
                .formatHex(whole(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), ALGORITHM), words));
    }

    private static byte[] whole(SecretKeySpec key, String words) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(key);
            return mac.doFinal(words.getBytes(StandardCharsets.UTF_8));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What stands behind some words so that they are known: 16 letters, digits, hyphens and low lines. */
    public String of(String words) {
        byte[] shown = java.util.Arrays.copyOf(whole(key, words), SHOWN_BYTES);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(shown);
    }

    /** An id with its seal, for an address that only whoever has it can open. */
    public String token(String what, String id) {
        return id + "." + of(what + " " + id);
    }

    /** The id in a token that we made for the same; empty for any other. */
    public Optional<String> opened(String what, String token) {
        int dot = token.indexOf('.');
        String id = token.substring(0, Math.max(0, dot));
        return dot > 0 && holds(what + " " + id, token.substring(dot + 1)) ? Optional.of(id) : Optional.empty();
    }

    public boolean holds(String words, String seal) {
        return MessageDigest.isEqual(of(words).getBytes(StandardCharsets.UTF_8), seal.getBytes(StandardCharsets.UTF_8));
    }
}
