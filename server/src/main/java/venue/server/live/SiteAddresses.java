package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.show.render.View;
import venue.server.proof.Board;
import venue.server.proof.Proofs;
import venue.store.workspace.Workspace;

/** What stands at the addresses of a site: its live pages, its files, and proofs for those who may see them. */
@Component
class SiteAddresses {

    private static final String PROOF = "/-/proof/";
    private static final String DRAWINGS = "/-/drawings";
    private static final String SENT = "/-/sent/";
    private static final String DRAWING_KEPT = "private, max-age=86400, immutable";

    private static final int MOVED = 301;
    private static final int NOT_FOUND = 404;
    private static final int GONE = 410;

    private final AskedInVain askedInVain;
    private final LedOn ledOn;
    private final LiveSites sites;
    private final SiteFiles files;
    private final Proofs proofs;

    SiteAddresses(LiveSites sites, SiteFiles files, Proofs proofs, AskedInVain askedInVain, LedOn ledOn) {
        this.ledOn = ledOn;
        this.askedInVain = askedInVain;
        this.sites = sites;
        this.files = files;
        this.proofs = proofs;
    }

    /** For an address that can't be decoded. */
    Reply unreadable(Workspace workspace) {
        return sites.of(workspace).unreadable();
    }

    Reply at(Workspace workspace, HttpServletRequest asked) {
        String path = asked.getRequestURI();
        if (path.startsWith("/-/")) {
            return own(workspace, path, asked).orElseGet(() -> page(workspace, path, asked));
        }
        return page(workspace, path, asked);
    }

    /** Where a page is served that is asked for by another address of its, encoded; anything else where it was asked for. */
    String served(Workspace workspace, String path) {
        Edition live = workspace.now().live();
        try {
            String decoded = URLDecoder.decode(path.replace("+", "%2B"), StandardCharsets.UTF_8);
            return new Addresses(live, p -> live.plan().isShown(p.id())).at(decoded) instanceof AtAddress.Moved moved
                    ? View.encoded(live.servedAt(moved.page()))
                    : path;
        } catch (IllegalArgumentException undecodable) {
            return path;
        }
    }

    private Reply page(Workspace workspace, String path, HttpServletRequest asked) {
        Reply reply = sites.of(workspace).at(path, query(asked));
        if (reply.status() == NOT_FOUND) {
            askedInVain.note(workspace, asked);
        } else if (reply.status() == MOVED || reply.status() == GONE) {
            ledOn.note(workspace, path);
        }
        return reply.asking(asked.getQueryString());
    }

    private Optional<Reply> own(Workspace workspace, String path, HttpServletRequest asked) {
        if (path.startsWith(PROOF)) {
            return proof(workspace, path.substring(PROOF.length()), asked);
        }
        if (path.equals(DRAWINGS)) {
            return Optional.of(Reply.text(
                    200,
                    "text/html; charset=utf-8",
                    Board.document(workspace.now().live()),
                    Reply.ASK,
                    proofs.policy()));
        }
        return path.startsWith(SENT)
                ? proofs.sent(workspace.site(), path.substring(SENT.length()))
                        .map(page -> Reply.page(200, page).kept("no-store"))
                : files.find(workspace, path);
    }

    private Optional<Reply> proof(Workspace workspace, String path, HttpServletRequest asked) {
        Map<String, String> query = query(asked);
        return proofs.html(workspace.site(), path, query)
                .map(proof -> Reply.text(
                        200,
                        "text/html; charset=utf-8",
                        proof.html(),
                        Proofs.isDrawing(query) ? DRAWING_KEPT : "no-store",
                        proofs.policy()));
    }

    private static Map<String, String> query(HttpServletRequest asked) {
        Map<String, String> query = new HashMap<>();
        asked.getParameterMap().forEach((key, values) -> query.put(key, values[0]));
        return query;
    }
}
