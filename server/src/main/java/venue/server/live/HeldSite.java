package venue.server.live;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.body.form.VisitorFacts;
import venue.core.body.listing.Asked;
import venue.core.body.search.Searcher;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.live.sitemap.SitemapCut;
import venue.core.live.sitemap.SitemapFiles;
import venue.core.live.sitemap.SitemapPath;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.show.render.Lasts;
import venue.core.show.render.View;
import venue.server.proof.FileDoor;
import venue.store.media.MediaFiles;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** The live site as visitors get it at one instant: every address that it knows, and what it answers there. */
public final class HeldSite {

    /** An address that no site has: what is answered there is answered at every other that is none. */
    public static final String NOWHERE = "/-";

    /** For now elsewhere, as to sign in; not for everyone; not there. */
    private static final Set<Integer> NOTHING_TO_KEEP = Set.of(302, 403, 404);

    /** What pages and stylesheets are made of is named in them. */
    private static final Pattern NAMED = Pattern.compile("/-/[A-Za-z0-9][\\w./-]*");

    private final Standing standing;
    private final View view;
    private final SiteFiles files;

    public HeldSite(Workspace workspace, MediaFiles media, String origin, Instant at) {
        this(workspace.now(), media, origin, at, VisitorFacts.AWAY);
    }

    /** @param facts what pages are told that are served elsewhere */
    public HeldSite(Standing standing, MediaFiles media, String origin, Instant at, VisitorFacts facts) {
        this.standing = standing;
        view = View.of(standing.live(), at, origin, View.Mode.VISITOR)
                .knowing(standing.changed())
                .searchedBy(Searcher.NONE)
                .seenBy(Visitor.STRANGER)
                .telling(facts);
        files = new SiteFiles(media, new HeldReplies());
    }

    /**
     * What is answered at an address.
     *
     * @param path decoded
     * @param beneath what else there is with it: further pages and feeds of a page, the files in which one of the sitemap goes on
     * @param asks whether what a visitor chooses there makes it another
     * @param until from when on it may be another though nothing is released; absent where it is right for good
     */
    public record Answer(
            String path,
            Headers headers,
            Content content,
            List<String> beneath,
            boolean asks,
            @Nullable Instant until) {

        /** @param location where to, for a redirect */
        public record Headers(
                int status,
                String type,
                @Nullable String location,
                String kept,
                String policy,
                @Nullable String download) {}

        /**
         * @param body empty for what lies in a file of its own
         * @param file where the bytes lie that are not held in memory
         */
        public record Content(byte[] bytes, @Nullable Path file) {}
    }

    /** What is done with each answer. */
    public interface Taker {
        void take(Answer answer) throws IOException;
    }

    /** Gives everything that the site answers, each address once: pages and redirects first, then what they are made of. */
    public void each(Taker taker) throws IOException {
        walk(addresses(), path -> false, taker);
    }

    /** The addresses that nothing else names: of pages, of what leads on, of what machines ask for. */
    public List<String> addresses() {
        Edition edition = standing.live();
        List<String> all = new ArrayList<>();
        all.add("/");
        edition.all(Page.class)
                .filter(this::isForEveryone)
                .map(p -> edition.plan().address(p.id()))
                .forEach(all::add);
        view.edition()
                .all(Redirect.class)
                .filter(r -> r.pageId()
                        .flatMap(edition::page)
                        .filter(p -> !isForEveryone(p))
                        .isEmpty())
                .map(Redirect::from)
                .forEach(all::add);
        all.addAll(told());
        return all;
    }

    /** The addresses that are asked for by machines, and the one that stands for all that are none. */
    public List<String> told() {
        List<String> all = new ArrayList<>(List.of("/robots.txt", SitemapPath.FIRST.text(), NOWHERE));
        int lots = sitemap().cut().size();
        if (lots > 1) {
            IntStream.rangeClosed(1, lots)
                    .mapToObj(lot -> new SitemapPath(lot, 1).text())
                    .forEach(all::add);
        }
        return all;
    }

    /** Those of them that may be others where some pages are, and none comes or goes. */
    public List<String> told(Collection<String> pages) {
        SitemapCut cut = sitemap().cut();
        return cut.size() == 1
                ? told()
                : Stream.concat(
                                Stream.of("/robots.txt", NOWHERE),
                                pages.stream()
                                        .map(p -> new SitemapPath(cut.of(p), 1).text())
                                        .distinct())
                        .toList();
    }

    /** Gives what is answered at some addresses, then what that is made of and what is beneath it, without what is skipped. */
    public void walk(Collection<String> from, Predicate<String> skips, Taker taker) throws IOException {
        Deque<String> asked = new ArrayDeque<>(from);
        Set<String> known = new HashSet<>();
        while (!asked.isEmpty()) {
            String path = asked.remove();
            // What is answered to each otherwise is no file.
            if (known.add(path) && !path.equals(Suggestions.PATH) && !skips.test(path)) {
                Answer answer = answer(path);
                if (path.equals(NOWHERE) || isToKeep(answer)) {
                    taker.take(answer);
                    asked.addAll(named(answer));
                    asked.addAll(answer.beneath());
                }
            }
        }
    }

    /** Of what pages are made of, only what is there: words may look like the address of a file. */
    private static boolean isToKeep(Answer answer) {
        int status = answer.headers().status();
        return answer.path().startsWith("/-/") ? status == 200 : !NOTHING_TO_KEEP.contains(status);
    }

    /** The page at an address, if everybody may see it. */
    public Optional<Page> page(String path) {
        Edition edition = standing.live();
        return (path.equals("/") ? edition.home() : edition.plan().pageAt(path).flatMap(edition::page))
                .filter(this::isForEveryone);
    }

    /** The address of a page that everybody may see. */
    public Optional<String> address(String page) {
        return standing.live().page(page).filter(this::isForEveryone).map(standing.live()::servedAt);
    }

    /** Whether a file may be had by everybody. */
    public boolean isOpen(String path) {
        return FileDoor.of(standing, standing.live(), path).lets(Visitor.STRANGER);
    }

    public Edition edition() {
        return standing.live();
    }

    public int release() {
        return standing.release();
    }

    /** What is closed doesn't leave the machine; what was taken off answers as what is gone. */
    private boolean isForEveryone(Page page) {
        Gates gates = Gates.of(standing.live());
        return !standing.live().plan().isShown(page.id())
                ? gates.of(page).gate().isOpen()
                : gates.opens(page, Visitor.STRANGER);
    }

    /** The addresses of the pages that are not for everyone, which are left out. */
    public List<String> leftOut() {
        return standing.live()
                .plan()
                .inOrder()
                .flatMap(id -> standing.live().page(id).stream())
                .filter(p -> !isForEveryone(p))
                .map(p -> standing.live().plan().address(p.id()))
                .toList();
    }

    /** The addresses of the site's own files that an answer is made of. */
    public static List<String> named(Answer answer) {
        String type = answer.headers().type();
        boolean names = type.startsWith("text/") || type.endsWith("json");
        return names
                ? NAMED.matcher(new String(answer.content().bytes(), StandardCharsets.UTF_8))
                        .results()
                        .map(MatchResult::group)
                        .distinct()
                        .toList()
                : List.of();
    }

    /** What is answered at an address, decoded. */
    public Answer answer(String path) {
        Lasts lasts = new Lasts();
        Optional<SitemapFiles.File> file = standing.release() == 0
                ? Optional.empty()
                : SitemapPath.of(path).flatMap(sitemap()::at);
        Reply reply =
                file.map(f -> Reply.bytes(LiveSitemaps.XML, f.xml(), Reply.ASK)).orElseGet(() -> reply(path, lasts));
        return new Answer(
                path,
                new Answer.Headers(
                        reply.status(), reply.type(), reply.location(), reply.kept(), reply.policy(), reply.download()),
                new Answer.Content(reply.sent().body(), reply.sent().file()),
                file.map(SitemapFiles.File::beside).orElseGet(() -> beneath(path, reply.ways())),
                reply.ways().asks(),
                lasts.end(standing.live().site().zone()));
    }

    private SitemapFiles sitemap() {
        return new SitemapFiles(view, standing.changed());
    }

    private Reply reply(String path, Lasts lasts) {
        if (standing.release() == 0) {
            return LiveSite.NOT_RELEASED;
        }
        SiteReplies replies = new SiteReplies(view.lasting(lasts), standing.changed());
        if (path.startsWith("/-/") && isOpen(path)) {
            return files.find(standing.release() + " ", () -> Stream.of(standing.live()), path)
                    .orElseGet(() -> replies.at(path, Map.of()));
        }
        return replies.at(path, Map.of());
    }

    private static List<String> beneath(String path, Reply.Ways ways) {
        List<String> beneath = new ArrayList<>();
        ways.further().forEach((name, of) -> {
            for (int n = 2; n <= of; n++) {
                beneath.add(Asked.path(path, name, n));
            }
        });
        ways.followed().forEach(name -> Feeds.NAMES.forEach(f -> beneath.add(Asked.beneath(path, name) + f)));
        return beneath;
    }
}
