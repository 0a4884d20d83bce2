package venue.core.edition;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import venue.core.section.Sectioned;

/** Facts of pages and shared sections, kept as long as they are the very same content; shared by the editions of one site. */
final class FactsCache {

    private record Known(Sectioned item, PageFacts facts) {}

    private final Map<String, Known> byId = new ConcurrentHashMap<>();

    PageFacts of(Sectioned item) {
        Known known = byId.get(item.id());
        if (known == null || known.item() != item) {
            known = new Known(item, PageFacts.of(item));
            byId.put(item.id(), known);
        }
        return known.facts();
    }
}
