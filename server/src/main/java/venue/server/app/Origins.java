package venue.server.app;

import java.util.List;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import venue.core.model.site.Site;

/** Schemes, hosts and ports under which visitors and managers come. */
@Component
public class Origins {

    private static final int HTTP = 80;
    private static final int HTTPS = 443;

    private final Settings settings;
    private volatile int listening = HTTP;

    Origins(Settings settings) {
        this.settings = settings;
    }

    @EventListener
    void listens(WebServerInitializedEvent event) {
        listening = event.getWebServer().getPort();
    }

    /** Where visitors reach a site: scheme, main host and port. */
    public String of(Site site) {
        return origin(site.hosts().get(0));
    }

    /** Where the interface may embed proofs from. */
    public List<String> ofInterface() {
        return settings.host().equals("localhost")
                ? List.of(origin("localhost"), origin("127.0.0.1"))
                : List.of(origin(settings.host()));
    }

    /** The same for a host name. */
    public String origin(String host) {
        int port = settings.publicPort() == 0 ? listening : settings.publicPort();
        boolean usual = port == (settings.publicScheme().equals("https") ? HTTPS : HTTP);
        return settings.publicScheme() + "://" + host + (usual ? "" : ":" + port);
    }
}
