package venue.server.app;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.web.header.HeaderWriter;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.store.workspace.Workspaces;

/** What the interface's answers say of how they may be used: pictures, films and frames come from its own sites alone. */
@Component
public final class SafeHeaders implements HeaderWriter {

    /** What no page of ours needs (Permissions Policy). */
    public static final String PERMISSIONS =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), midi=(), serial=(), display-capture=()";

    private final Workspaces workspaces;
    private final Origins origins;
    private final Installation installation;

    SafeHeaders(Workspaces workspaces, Origins origins, Installation installation) {
        this.installation = installation;
        this.workspaces = workspaces;
        this.origins = origins;
    }

    @Override
    public void writeHeaders(HttpServletRequest request, HttpServletResponse response) {
        response.setHeader("Content-Security-Policy", policy(request.getRequestURI()));
        response.setHeader(Installation.HEADER, installation.id());
        response.setHeader("Permissions-Policy", PERMISSIONS);
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
    }

    /** A site's screens frame that site's proofs and no other's; its id stands first in their addresses. */
    private String policy(String path) {
        SiteId site = new SiteId(path.substring(1).replaceAll("/.*", ""));
        String sites = workspaces
                .find(site)
                .map(w -> " " + origins.of(w.now().working().site()))
                .orElse("");
        return "default-src 'self'; img-src 'self' data:" + sites + "; media-src"
                + (sites.isEmpty() ? " 'none'" : sites)
                + "; style-src 'self' 'unsafe-inline'; frame-src 'self'" + sites
                + "; frame-ancestors 'none'; base-uri 'none'; form-action 'self'; object-src 'none'";
    }
}
