package venue.core.edition;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import venue.core.page.Page;

/** Facts of pages, kept as long as the page is the very same content; shared by the editions of one site. */
final class FactsCache {

    private record Known(Page page, PageFacts facts) {}

    private final Map<String, Known> byId = new ConcurrentHashMap<>();

    PageFacts of(Page page) {
        Known known = byId.get(page.id());
        if (known == null || known.page() != page) {
            known = new Known(page, PageFacts.of(page));
            byId.put(page.id(), known);
        }
        return known.facts();
    }
}
