package venue.server.app;

import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What the server is started with, under {@code venue.*}.
 *
 * @param data the folder that holds everything
 * @param host the host name of the interface; {@code localhost} answers as 127.0.0.1 too
 * @param publicScheme the scheme that visitors use, {@code http} or {@code https}
 * @param publicPort the port that visitors use; 0 for the one the server listens on
 * @param demoPassword where given, the demo is loaded if it is not there, and its people sign in with this
 */
@ConfigurationProperties("venue")
public record Settings(
        @DefaultValue("data") Path data,
        @DefaultValue("localhost") String host,
        @DefaultValue("http") String publicScheme,
        @DefaultValue("0") int publicPort,
        @Nullable String demoPassword) {

    /** Whether the interface is served under this host name. */
    public boolean isInterface(String name) {
        return name.equals(host) || (host.equals("localhost") && name.equals("127.0.0.1"));
    }
}
