package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.body.form.FormNames;
import venue.store.workspace.Workspace;

/** Elements that the server alone can answer, for pages of a site that are served elsewhere: to those by name (CORS), and to nobody else. */
@Component
class AskedParts {

    private static final int LONGEST = 400;

    private final LiveSites sites;
    private final FormOrigins origins;

    AskedParts(LiveSites sites, FormOrigins origins) {
        this.sites = sites;
        this.origins = origins;
    }

    static boolean isOne(String path) {
        return path.equals(FormNames.PART);
    }

    Reply at(Workspace workspace, HttpServletRequest asked) {
        String at = asked.getParameter("at");
        String section = asked.getParameter("section");
        String element = asked.getParameter("element");
        return isName(at) && isName(section) && isName(element)
                ? sites.of(workspace).part(at, section, element)
                : LiveSite.NO_PART;
    }

    private static boolean isName(@Nullable String words) {
        return words != null && words.length() <= LONGEST;
    }

    /** Lets a page read the answer that is served at the public address of a delivery of this site. */
    void allow(Workspace workspace, HttpServletRequest asked, HttpServletResponse answer) {
        String origin = asked.getHeader("Origin");
        answer.addHeader("Vary", "Origin");
        if (origin != null && origins.isDelivered(workspace, origin)) {
            answer.setHeader("Access-Control-Allow-Origin", origin);
        }
    }
}
