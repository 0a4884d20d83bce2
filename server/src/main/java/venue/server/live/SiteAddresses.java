package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.body.form.FormNames;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.live.sitemap.SitemapPath;
import venue.core.model.gate.Visitor;
import venue.core.show.render.Rendered;
import venue.core.show.render.View;
import venue.server.letter.LetterShown;
import venue.server.letter.Subscribing;
import venue.server.proof.Board;
import venue.server.proof.ProofFiles;
import venue.server.proof.Proofs;
import venue.server.telling.Telling;
import venue.store.workspace.Workspace;

/** What stands at the addresses of a site: its live pages, its files, and proofs for those who may see them. */
@Component
class SiteAddresses {

    private static final String PROOF = ProofFiles.PROOFS;
    private static final String DRAWINGS = "/-/drawings";
    private static final String SENT = "/-/sent/";
    private static final String DRAWING_KEPT = "private, max-age=86400, immutable";

    private final Noted noted;
    private final LiveSites sites;
    private final LiveSitemaps sitemaps;
    private final Telling telling;
    private final SiteFiles files;
    private final Proofs proofs;
    private final Walks walks;
    private final Callers callers;
    private final MemberPages memberPages;
    private final FilledPages filled;
    private final Baskets baskets;
    private final SubscriberPages subscribers;
    private final LetterShown letters;
    private final AskedParts parts;

    SiteAddresses(
            LiveSites sites,
            LiveSitemaps sitemaps,
            Telling telling,
            SiteFiles files,
            Proofs proofs,
            Walks walks,
            Callers callers,
            MemberPages memberPages,
            FilledPages filled,
            Baskets baskets,
            SubscriberPages subscribers,
            LetterShown letters,
            AskedParts parts,
            Noted noted) {
        this.subscribers = subscribers;
        this.letters = letters;
        this.parts = parts;
        this.baskets = baskets;
        this.filled = filled;
        this.walks = walks;
        this.callers = callers;
        this.memberPages = memberPages;
        this.noted = noted;
        this.sites = sites;
        this.sitemaps = sitemaps;
        this.telling = telling;
        this.files = files;
        this.proofs = proofs;
    }

    /** For an address that can't be decoded. */
    Reply unreadable(Workspace workspace) {
        return sites.of(workspace).unreadable();
    }

    Reply at(Workspace workspace, HttpServletRequest asked) {
        String path = asked.getRequestURI();
        Optional<Walk> walk = walks.of(workspace, asked);
        Caller caller = callers.of(workspace, asked);
        Optional<Reply> own = path.startsWith("/-/") ? own(workspace, asked, caller, walk) : Optional.empty();
        return own.orElseGet(() -> walk.map(
                        w -> walks.answer(workspace, w, path, query(asked)).asking(asked.getQueryString()))
                .orElseGet(() -> page(workspace, path, asked, caller)));
    }

    /** Where a page is served that is asked for by another address of its, encoded; anything else where it was asked for. */
    String served(Workspace workspace, String path) {
        Edition live = workspace.now().live();
        try {
            String decoded = URLDecoder.decode(path.replace("+", "%2B"), StandardCharsets.UTF_8);
            Edition seen = Gates.of(live).seenBy(Visitor.STRANGER);
            return Addresses.of(seen, Visitor.STRANGER).at(decoded) instanceof AtAddress.Moved moved
                    ? View.encoded(seen.servedAt(moved.page()))
                    : path;
        } catch (IllegalArgumentException undecodable) {
            return path;
        }
    }

    private Reply page(Workspace workspace, String path, HttpServletRequest asked, Caller caller) {
        Map<String, String> query = query(asked);
        Optional<Reply> sent = filled.shown(workspace, caller, path, query);
        if (sent.isPresent()) {
            return sent.get();
        }
        Optional<SitemapPath> sitemap = SitemapPath.of(path);
        if (sitemap.isPresent()) {
            return sitemaps.at(workspace, sitemap.get());
        }
        if (telling.isKey(workspace.site(), workspace.now(), path)) {
            return Reply.text("text/plain; charset=utf-8", telling.key(workspace.site()), Reply.ASK);
        }
        LiveSite site = sites.of(workspace);
        Reply reply = caller.visitor().isStranger() ? site.at(path, query) : site.at(caller, path, query);
        noted.note(workspace, asked, reply);
        return reply.asking(asked.getQueryString());
    }

    private Optional<Reply> own(Workspace workspace, HttpServletRequest asked, Caller caller, Optional<Walk> walk) {
        String path = asked.getRequestURI();
        Optional<Reply> members =
                walk.isPresent() ? Optional.empty() : memberPages.at(workspace, caller, path, query(asked));
        if (members.isPresent()) {
            return members;
        }
        if (AskedParts.isOne(path)) {
            return Optional.of(parts.at(workspace, asked));
        }
        if (path.equals(FormNames.BASKET)) {
            return baskets.at(workspace, asked);
        }
        Optional<Reply> byLetter = byLetter(workspace, caller, path, query(asked));
        if (byLetter.isPresent()) {
            return byLetter;
        }
        if (path.startsWith(Walks.WHERE)) {
            return walks.at(workspace, asked);
        }
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
        if (path.startsWith(SENT)) {
            return sent(workspace, path.substring(SENT.length()));
        }
        return files.find(
                workspace,
                path,
                walk.map(Walk::visitor).orElse(caller.visitor()),
                walk.map(Walk::working).orElse(false));
    }

    /** What letters lead to, and letters themselves. */
    private Optional<Reply> byLetter(Workspace workspace, Caller caller, String path, Map<String, String> query) {
        if (path.equals(Subscribing.WHERE) && workspace.now().release() > 0) {
            return Optional.of(subscribers.at(workspace, caller, query.getOrDefault("token", "")));
        }
        if (path.startsWith(LetterShown.WHERE)) {
            return letters.html(workspace, path, query.containsKey("night"))
                    .map(html -> Reply.text(200, "text/html; charset=utf-8", html, "no-store", proofs.policy()));
        }
        return path.equals(FilledPages.ANSWER)
                ? Optional.of(filled.lead(workspace, caller, query.getOrDefault("of", "")))
                : Optional.empty();
    }

    private Optional<Reply> sent(Workspace workspace, String path) {
        String token = path.replaceAll("/.*", "");
        return proofs.sent(workspace.site(), token)
                .flatMap(page -> path.equals(token)
                        ? Optional.of(Reply.page(200, within(workspace, page, SENT + token))
                                .kept("no-store"))
                        : ProofFiles.path(path)
                                .flatMap(file -> files.find(workspace, file))
                                .map(r -> r.kept(Reply.PRIVATE)));
    }

    private static Rendered within(Workspace workspace, Rendered page, String address) {
        return page.withHtml(ProofFiles.within(workspace.now(), page.html(), address));
    }

    private Optional<Reply> proof(Workspace workspace, String path, HttpServletRequest asked) {
        Optional<String> file = ProofFiles.path(path);
        if (file.isPresent()) {
            return proofs.isGood(workspace.site(), path.replaceAll("/.*", ""))
                    ? files.find(workspace, file.get()).map(r -> r.kept(ProofFiles.KEPT))
                    : Optional.empty();
        }
        Map<String, String> query = query(asked);
        return proofs.html(workspace.site(), path, query)
                .map(proof -> Reply.text(
                        200,
                        "text/html; charset=utf-8",
                        within(workspace, proof, PROOF + path.replaceAll("/.*", ""))
                                .html(),
                        Proofs.isDrawing(query) ? DRAWING_KEPT : "no-store",
                        proofs.policy()));
    }

    private static Map<String, String> query(HttpServletRequest asked) {
        Map<String, String> query = new HashMap<>();
        asked.getParameterMap().forEach((key, values) -> query.put(key, values[0]));
        return query;
    }
}
