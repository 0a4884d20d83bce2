package venue.server.mail;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How letters are sent.
 *
 * @param mailHost the SMTP server; null where no mail is sent
 * @param mailPort its port; 0 for the usual one of what {@code mailTls} says
 * @param mailTls {@code starttls} (port 587), {@code tls} from the first byte (port 465), or {@code none} (port 25)
 * @param mailSender the address that letters come from
 * @param mailDkimKey the file of the key that letters to lists are signed with (RSA, PKCS #8 as PEM); null where the relay signs
 * @param mailDkimSelector under which its other half stands in the domain's DNS (RFC 6376, 3.1)
 */
@ConfigurationProperties("venue")
record MailSettings(
        @Nullable String mailHost,
        @DefaultValue("0") int mailPort,
        @Nullable String mailUser,
        @Nullable String mailPassword,
        @DefaultValue("starttls") Tls mailTls,
        @Nullable String mailSender,
        @Nullable String mailDkimKey,
        @DefaultValue("venue") String mailDkimSelector) {

    private static final int STARTTLS_PORT = 587;
    private static final int TLS_PORT = 465;
    private static final int PLAIN_PORT = 25;

    /** How the connection is kept secret. */
    enum Tls {
        STARTTLS,
        TLS,
        NONE
    }

    String sender() {
        return mailSender == null ? "venue@" + mailHost : mailSender;
    }

    int port() {
        if (mailPort != 0) {
            return mailPort;
        }
        return switch (mailTls) {
            case STARTTLS -> STARTTLS_PORT;
            case TLS -> TLS_PORT;
            case NONE -> PLAIN_PORT;
        };
    }
}
