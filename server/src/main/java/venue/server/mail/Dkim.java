package venue.server.mail;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.PrivateKey;
import java.security.spec.PKCS8EncodedKeySpec;
import java.util.Base64;
import org.apache.james.jdkim.DKIMSigner;
import org.apache.james.jdkim.exceptions.FailException;

/**
 * Signs letters with the key of the sender's domain (DomainKeys Identified Mail, RFC 6376), over the headers by which somebody leaves a
 * list too (RFC 8058, 4).
 */
final class Dkim {

    private static final String HEADERS =
            "from:to:subject:date:message-id:list-id:list-unsubscribe:list-unsubscribe-post:mime-version:content-type";
    private static final String NAME = "DKIM-Signature";

    private final DKIMSigner signer;

    private Dkim(DKIMSigner signer) {
        this.signer = signer;
    }

    static Dkim of(Path key, String selector, String domain) {
        String template = "v=1; a=rsa-sha256; c=relaxed/relaxed; d=" + domain + "; s=" + selector + "; h=" + HEADERS
                + "; b=; bh=;";
        return new Dkim(new DKIMSigner(template, read(key)));
    }

    private static PrivateKey read(Path file) {
        try {
            String pem = Files.readString(file, StandardCharsets.US_ASCII)
                    .replaceAll("-----[A-Z ]+-----", "")
                    .replaceAll("\\s", "");
            return KeyFactory.getInstance("RSA")
                    .generatePrivate(new PKCS8EncodedKeySpec(Base64.getDecoder().decode(pem)));
        } catch (IOException e) {
            throw new UncheckedIOException("mail-dkim-key: " + file + " can't be read", e);
        } catch (GeneralSecurityException | IllegalArgumentException e) {
            throw new IllegalStateException(
                    "mail-dkim-key: " + file
                            + " holds no RSA key as PKCS #8 (BEGIN PRIVATE KEY); openssl genrsa makes one",
                    e);
        }
    }

    /** Signs what is finished; nothing of it may be changed then. */
    void sign(MimeMessage message) throws MessagingException {
        ByteArrayOutputStream written = new ByteArrayOutputStream();
        try {
            message.writeTo(written);
            String header = signer.sign(new ByteArrayInputStream(written.toByteArray()));
            message.setHeader(NAME, header.substring(NAME.length() + 1).strip());
        } catch (IOException | FailException e) {
            throw new MessagingException("the letter can't be signed", e);
        }
    }
}
