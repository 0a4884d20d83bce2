package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Visitor;
import venue.core.model.site.BoundPage;
import venue.core.model.site.Site;
import venue.core.show.render.OwnPages;
import venue.core.show.render.View;
import venue.server.proof.ProofPass;
import venue.server.proof.TriedSearch;
import venue.server.proof.WorkingView;
import venue.store.proof.SentProofs;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/**
 * Walks of those who make a site: under its own addresses, so that its links and its search work, in a browser that holds a pass to the
 * proofs of the site, or a link to look. A walk is good as long as that is.
 */
@Component
class Walks {

    static final String WHERE = "/-/walk/";

    private static final String COOKIE = "venue-walk";
    private static final String NOTHING_SENT = " Nothing is sent from here: end the walk, and send it then.";

    private final ProofPass passes;
    private final WorkingView looks;
    private final TriedSearch search;
    private final SentProofs sent;

    Walks(ProofPass passes, WorkingView looks, TriedSearch search, SentProofs sent) {
        this.sent = sent;
        this.passes = passes;
        this.looks = looks;
        this.search = search;
    }

    /** Begins or ends one: {@code /-/walk/PASS/AS/OF} with {@code to=PATH}, {@code /-/walk/end}. */
    Optional<Reply> at(Workspace workspace, HttpServletRequest asked) {
        String path = asked.getRequestURI();
        SiteCookie cookie = SiteCookie.of(asked, COOKIE);
        if (path.equals(Walk.END)) {
            return Optional.of(Reply.elsewhereForNow("/").kept("no-store").with(cookie.ended()));
        }
        String[] parts = path.substring(WHERE.length()).split("/");
        if (parts.length != 3) {
            return Optional.empty();
        }
        return walk(workspace, parts)
                .map(walk -> Reply.elsewhereForNow(to(asked.getParameter("to")))
                        .kept("no-store")
                        .with(cookie.holding(parts[0] + "/" + walk.written())));
    }

    /** A path of the site, and no address of another. */
    private static String to(String wanted) {
        return SiteCookie.isOwnPath(wanted) ? wanted : "/";
    }

    /** A pass opens any walk; a link to look is good for the live site alone, as it is. */
    private Optional<Walk> walk(Workspace workspace, String[] parts) {
        Optional<Walk> walk = Walk.of(parts[1], parts[2]);
        if (passes.open(parts[0]).filter(workspace.site()::equals).isPresent()) {
            return walk;
        }
        return walk.filter(w -> !w.working() && w.visitor().equals(Visitor.US))
                .filter(w -> sent.open(workspace.site(), parts[0])
                        .filter(Site.ID::equals)
                        .isPresent());
    }

    /** The walk that whoever asks is on; empty where they are on none, or no more. */
    Optional<Walk> of(Workspace workspace, HttpServletRequest asked) {
        return SiteCookie.of(asked, COOKIE).held(asked).flatMap(held -> {
            String[] parts = held.split("/");
            return parts.length == 3 ? walk(workspace, parts) : Optional.empty();
        });
    }

    /** What is answered to somebody on a walk. */
    Reply answer(Workspace workspace, Walk walk, String rawPath, Map<String, String> query) {
        Standing standing = workspace.now();
        if (!walk.working() && standing.release() == 0) {
            return LiveSite.NOT_RELEASED;
        }
        View view = view(workspace, standing, walk, "");
        return MemberPages.task(rawPath)
                .map(task -> Reply.page(200, OwnPages.forMembers(view, task)))
                .orElseGet(() -> new SiteReplies(view, standing.changed()).spelt(rawPath, query))
                .kept("no-store");
    }

    /** What is answered to a form that somebody on a walk sends: it is shown, and does nothing. */
    Reply refuse(Workspace workspace, Walk walk, BoundPage task) {
        View view = view(workspace, workspace.now(), walk, NOTHING_SENT);
        return Reply.page(403, OwnPages.forMembers(view, task)).kept("no-store");
    }

    /** The site as somebody sees it who tries a form on a walk. */
    View view(Workspace workspace, Walk walk) {
        return view(workspace, workspace.now(), walk, NOTHING_SENT);
    }

    private View view(Workspace workspace, Standing standing, Walk walk, String more) {
        Edition edition = walk.working() ? standing.working() : standing.live();
        return looks.of(standing, edition, View.Mode.VISITOR)
                .searchedBy(search.tried(workspace, standing, walk.visitor()))
                .wrapped(walk.marked(standing.working(), more))
                .greeting(walk.guest(standing.working()))
                .seenBy(walk.visitor());
    }
}
