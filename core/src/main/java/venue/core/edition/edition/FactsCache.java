package venue.core.edition.edition;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import venue.core.model.page.OfKind;
import venue.core.model.property.Property;
import venue.core.model.section.Sectioned;

/** Facts of pages and shared sections, kept as long as they are the very same content; shared by the editions of one site. */
final class FactsCache {

    private record Known(Sectioned item, List<Property> fields, PageFacts facts) {}

    private final Map<String, Known> byId = new ConcurrentHashMap<>();

    /** @param fields what the page's kind declares; nothing for what has no fields */
    PageFacts of(Sectioned item, List<Property> fields) {
        Known known = byId.get(item.id());
        if (known == null || known.item() != item || known.fields() != fields) {
            known = new Known(item, fields, facts(item, fields));
            byId.put(item.id(), known);
        }
        return known.facts();
    }

    private static PageFacts facts(Sectioned item, List<Property> fields) {
        return PageFacts.of(item.body().all().toList(), fields, item instanceof OfKind of ? of.fields() : Map.of());
    }
}
