package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.store.delivery.Deliveries;
import venue.store.workspace.Workspace;

/** From where a form was sent, as browsers say (Fetch, 3.1; Fetch Metadata); what is no browser says nothing. */
@Component
class FormOrigins {

    private final Deliveries deliveries;

    FormOrigins(Deliveries deliveries) {
        this.deliveries = deliveries;
    }

    /** Whether that is this site, here. */
    static boolean isHere(HttpServletRequest asked) {
        String fetched = asked.getHeader("Sec-Fetch-Site");
        String origin = asked.getHeader("Origin");
        return (fetched == null || fetched.equals("same-origin") || fetched.equals("none"))
                && (origin == null || String.valueOf(asked.getHeader("Host")).equalsIgnoreCase(authority(origin)));
    }

    /** Whether that is this site, here or where it is delivered to. */
    boolean isOfSite(Workspace workspace, HttpServletRequest asked) {
        return isHere(asked) || isDelivered(workspace, asked.getHeader("Origin"));
    }

    /** Whether the site is served at an origin by one of its deliveries. */
    boolean isDelivered(Workspace workspace, @Nullable String origin) {
        return origin != null
                && deliveries.of(workspace.site()).stream()
                        .anyMatch(d -> d.goes().address().equals(origin));
    }

    private static @Nullable String authority(String origin) {
        try {
            return URI.create(origin).getAuthority();
        } catch (IllegalArgumentException none) {
            return null;
        }
    }
}
