package venue.core.live.sitemap;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import venue.core.edition.edition.Plan;

/**
 * In which lot of the sitemap each page is; each lot has a file of its own. A page is in the one that its id says: a change of a page
 * changes one file, and one that comes or goes no other. There are twice as many when the site has outgrown them.
 */
public final class SitemapCut {

    /** As many pages a lot holds on average, at most. */
    public static final int MOST_PAGES = 500;

    private final List<List<String>> lots;

    private SitemapCut(Plan plan) {
        int size = size(plan.size());
        lots = IntStream.range(0, size)
                .<List<String>>mapToObj(n -> new ArrayList<>())
                .toList();
        plan.inOrder().forEach(id -> lots.get(of(id) - 1).add(id));
    }

    /** That of a plan; the same one each time. */
    static SitemapCut of(Plan plan) {
        return plan.kept(SitemapCut.class, SitemapCut::new);
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

    /** The ids of the pages of a lot, in the plan's order; none where there is no such lot. */
    List<String> in(int lot) {
        return lot < 1 || lot > size() ? List.of() : lots.get(lot - 1);
    }
}
