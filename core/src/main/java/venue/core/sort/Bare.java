package venue.core.sort;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.BeneathRule;
import venue.core.model.page.Page;
import venue.core.model.section.Origin;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/** Makes of a site's pages what their templates bring, and nothing that was written or shown on them. */
public final class Bare {

    private final Edition edition;
    private final Function<Item, Hash> hashOf;
    private final Map<String, Hash> hashes = new HashMap<>();

    /** @param hashOf the hash of an item's content, which copies of a template's sections remember */
    public Bare(Edition edition, Function<Item, Hash> hashOf) {
        this.edition = edition;
        this.hashOf = hashOf;
    }

    Page page(Page page) {
        Template template = edition.worn(page).template();
        Hash taken = hashes.computeIfAbsent(template.id(), t -> hashOf.apply(template));
        Map<String, List<Section>> zones = template.zones().stream()
                .collect(Collectors.toMap(
                        Zone::key,
                        z -> z.starters().stream()
                                .map(s -> s.withOrigin(new Origin(template.id(), s.id(), taken)))
                                .toList()));
        return page.withTemplate(page.template(), new Zones(zones), List.of())
                .withFields(Map.of())
                .withSettings(BeneathRule.kept(Map.of(), page.settings()))
                .withTaken(taken);
    }
}
