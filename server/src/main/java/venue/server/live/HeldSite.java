package venue.server.live;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import venue.core.body.form.VisitorFacts;
import venue.core.body.listing.Asked;
import venue.core.body.search.Searcher;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.show.render.View;
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

    private final Workspace workspace;
    private final Standing standing;
    private final LiveSite live;
    private final SiteFiles files;

    public HeldSite(Workspace workspace, MediaFiles media, String origin, Instant at) {
        this.workspace = workspace;
        standing = workspace.now();
        HeldReplies held = new HeldReplies();
        live = new LiveSite(
                workspace.site(),
                standing,
                origin,
                InstantSource.fixed(at),
                v -> Searcher.NONE,
                () -> VisitorFacts.AWAY,
                held);
        files = new SiteFiles(media, held);
    }

    /**
     * What is answered at an address.
     *
     * @param path decoded
     * @param beneath what else there is beneath the address of a page: further pages, feeds
     * @param asks whether what a visitor chooses there makes it another
     */
    public record Answer(String path, Headers headers, Content content, List<String> beneath, boolean asks) {

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
        Deque<String> asked = new ArrayDeque<>();
        Set<String> known = new HashSet<>();
        Edition edition = standing.live();
        asked.add("/");
        edition.all(Page.class)
                .filter(this::isForEveryone)
                .map(p -> edition.plan().address(p.id()))
                .forEach(asked::add);
        Edition seen = Gates.of(edition).seenBy(Visitor.STRANGER);
        seen.all(Redirect.class)
                .filter(r -> r.pageId()
                        .flatMap(edition::page)
                        .filter(p -> !isForEveryone(p))
                        .isEmpty())
                .map(Redirect::from)
                .forEach(asked::add);
        asked.add("/robots.txt");
        asked.add("/sitemap.xml");
        asked.add(NOWHERE);
        for (int n = 1; answer("/sitemap-" + n + ".xml").headers().status() == 200; n++) {
            asked.add("/sitemap-" + n + ".xml");
        }
        while (!asked.isEmpty()) {
            String path = asked.remove();
            // What is answered to each otherwise is no file.
            if (known.add(path) && !path.equals(Suggestions.PATH)) {
                Answer answer = answer(path);
                if (!NOTHING_TO_KEEP.contains(answer.headers().status()) || path.equals(NOWHERE)) {
                    taker.take(answer);
                    named(answer, asked);
                    answer.beneath().forEach(asked::add);
                }
            }
        }
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

    private static void named(Answer answer, Deque<String> asked) {
        if (answer.headers().type().startsWith("text/")
                || answer.headers().type().endsWith("json")) {
            NAMED.matcher(new String(answer.content().bytes(), StandardCharsets.UTF_8))
                    .results()
                    .forEach(found -> asked.add(found.group()));
        }
    }

    private Answer answer(String path) {
        Reply reply = path.startsWith("/-/")
                ? files.find(workspace, path, Visitor.STRANGER, false).orElseGet(() -> live.at(View.encoded(path)))
                : live.at(View.encoded(path));
        return new Answer(
                path,
                new Answer.Headers(
                        reply.status(), reply.type(), reply.location(), reply.kept(), reply.policy(), reply.download()),
                new Answer.Content(reply.sent().body(), reply.sent().file()),
                beneath(path, reply.ways()),
                reply.ways().asks());
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
