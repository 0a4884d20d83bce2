package venue.core.live.sitemap;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/**
 * In which lot of the sitemap each page is; each lot has a file of its own. A page is in the one that its id says: a change of a page
 * changes one file, and one that comes or goes no other. There are twice as many when the site has outgrown them.
 */
public final class SitemapCut {

    /** As many pages a lot holds on average, at most. */
    public static final int MOST_PAGES = 500;

    private final List<List<Page>> lots;

    private SitemapCut(Edition edition) {
        int size = size(edition.plan().size());
        lots = IntStream.range(0, size)
                .<List<Page>>mapToObj(n -> new ArrayList<>())
                .toList();
        pages(edition).forEach(p -> lots.get(of(p.id()) - 1).add(p));
    }

    /** That of an edition; the same one each time. */
    public static SitemapCut of(Edition edition) {
        return edition.kept(SitemapCut.class, () -> new SitemapCut(edition));
    }

    /** All pages as the sitemap has them: the home page first, then in the plan's order. */
    static Stream<Page> pages(Edition edition) {
        Stream<Page> others = edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .filter(p -> !edition.isHome(p));
        return Stream.concat(edition.home().stream(), others);
    }

    /** How many lots so many pages are cut into: a power of two. */
    static int size(int pages) {
        int lots = 1;
        while (lots * MOST_PAGES < pages) {
            lots *= 2;
        }
        return lots;
    }

    /** How many lots there are. */
    public int size() {
        return lots.size();
    }

    /** The number of the lot that a page is in, from 1. */
    public int of(String page) {
        int hash = page.hashCode();
        // Ids that are alike differ in their last bits alone.
        hash = (hash ^ hash >>> 16) * 0x45d9f3b;
        return ((hash ^ hash >>> 16) & size() - 1) + 1;
    }

    /** The pages of a lot; none where there is no such lot. */
    Stream<Page> in(int lot) {
        return lot < 1 || lot > size() ? Stream.empty() : lots.get(lot - 1).stream();
    }
}
