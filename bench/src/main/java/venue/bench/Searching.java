package venue.bench;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.IntConsumer;
import venue.core.basics.item.PersonId;
import venue.core.body.listing.Asked;
import venue.core.body.search.Found;
import venue.core.body.search.Sought;
import venue.core.carry.compose.Compose;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.store.search.SearchIndex;
import venue.store.workspace.Workspace;

/** What a search costs beside the query that it stands on, and what a release of one page costs the index. */
final class Searching {

    private static final String PAGE = LargeSite.id(150);
    private static final int MOST = 1_000;

    private final Workspace workspace;
    private final SearchIndex index;
    private int release;

    Searching(Workspace workspace, Path folder) {
        this.workspace = workspace;
        index = SearchIndex.open(folder.resolve("bench.index"), SearchIndex.Side.OPEN);
        follow(List.of());
    }

    private void follow(List<String> changed) {
        index.follow("release " + ++release, workspace.now().working(), changed);
    }

    /** The index brought to what a step has made of one page; the step itself is not counted. */
    double followed(int rounds) {
        return Median.of(rounds, n -> step(n), n -> follow(List.of(PAGE)));
    }

    private void step(int round) {
        workspace.run(venue.store.workspace.AskedRequest.of(
                new PersonId("bench"), PageCommand.setTitle(PAGE, "Workshop sought " + round)));
    }

    /**
     * What was found, on its page and without what the page costs by itself, beside the bare query. Each is timed when the page has just
     * been written, as on a server: queries that follow one another at once find the processor's caches filled.
     */
    void compare(String words, int rounds) {
        Edition edition = workspace.now().working();
        View view = View.of(edition, Instant.EPOCH, "http://yard", View.Mode.VISITOR)
                .searchedBy(index)
                .asking(Asked.at("/search", Map.of(Found.WORDS, words)).asked());
        Page page = page();
        View unasked = view.asking(Asked.NOTHING);
        IntConsumer between = n -> PageRenderer.render(unasked, page);
        double atOnce = Median.of(rounds, n -> {}, n -> index.find(Sought.of(words), MOST));
        double bare = Median.of(rounds, between, n -> index.find(Sought.of(words), MOST));
        double whole = Median.of(rounds, between, n -> PageRenderer.render(view, page));
        double found = whole - Median.of(rounds, n -> index.find(Sought.of(words), MOST), between);
        int count = index.find(Sought.of(words), MOST).size();
        System.out.printf(
                Locale.ROOT,
                "%-28s %10.2f %10.2f %7.1f   the page with it %.2f, bare queries at once %.2f%n",
                "search “" + words + "”, " + count,
                bare,
                found,
                found / bare,
                whole,
                atOnce);
    }

    private static Page page() {
        return Page.of("search", "Search", "search", "standard")
                .wearing("plain")
                .withZones(new Zones(Map.of("main", List.of(Compose.section("s1", "Search", Compose.part("search"))))));
    }
}
