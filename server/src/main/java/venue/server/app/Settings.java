package venue.server.app;

import java.nio.file.Path;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * What the server is started with, under {@code venue.*}.
 *
 * @param data the folder that holds everything
 * @param host the host name of the interface; {@code localhost} answers as 127.0.0.1 too
 * @param publicScheme the scheme that visitors use, {@code http} or {@code https}
 * @param publicPort the port that visitors use; 0 for the one the server listens on
 * @param siteBytes how much the files that one site has taken in may have together
 * @param demoPassword where given, the demo is loaded if it is not there; its people sign in with this from then on
 * @param demoFresh whether the demo must not be there yet, because its password was chosen
 */
@ConfigurationProperties("venue")
public record Settings(
        @DefaultValue("data") Path data,
        @DefaultValue("localhost") String host,
        @DefaultValue("http") String publicScheme,
        @DefaultValue("0") int publicPort,
        @DefaultValue("5GB") DataSize siteBytes,
        @Nullable String demoPassword,
        @DefaultValue("false") boolean demoFresh) {

    /** A host name as it is compared: in lower case, without the dot that may end it (RFC 9110, 4.2.3; RFC 1034, 3.1). */
    public static String normal(@Nullable String host) {
        String name = host == null ? "" : host.toLowerCase(Locale.ROOT);
        return name.endsWith(".") ? name.substring(0, name.length() - 1) : name;
    }

    /** Whether the interface is served under this host name. */
    public boolean isInterface(String name) {
        return name.equals(host) || (host.equals("localhost") && name.equals("127.0.0.1"));
    }

    /** Whether people come over TLS, so that cookies are never to be sent without it. */
    public boolean isSecure() {
        return publicScheme.equals("https");
    }
}
