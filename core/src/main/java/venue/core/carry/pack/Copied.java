package venue.core.carry.pack;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import venue.core.basics.item.Item;
import venue.core.carry.beginning.NewSite;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.BeneathRule;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.Origin;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.site.Site;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/** What a whole site's pack is for another site that begins as its copy. */
public final class Copied {

    private Copied() {}

    /** The same under another name, in another language and time zone. */
    public static Pack as(NewSite asked, Pack pack) {
        return with(
                pack,
                pack.items().stream()
                        .map(p -> p.item() instanceof Site site
                                ? new Pack.Packed(
                                        site.described(asked.name(), asked.language(), asked.zone()), p.identity())
                                : p)
                        .toList(),
                pack.pasts());
    }

    /**
     * Structure and theme alone: every page with what its template brings, and nothing that was written or shown on it.
     *
     * @param hashOf the hash of an item's content, which copies of a template's sections remember
     */
    public static Pack structure(Pack pack, Function<Item, String> hashOf) {
        Edition edition =
                Edition.of(pack.items().stream().map(Pack.Packed::item).toList());
        Map<String, String> hashes = new HashMap<>();
        List<Pack.Packed> bare = new ArrayList<>();
        for (Pack.Packed packed : pack.items()) {
            Item item = packed.item();
            if (item instanceof Page page) {
                Template template = edition.worn(page).template();
                String taken = hashes.computeIfAbsent(template.id(), t -> hashOf.apply(template));
                bare.add(new Pack.Packed(bare(page, template, taken), packed.identity()));
            } else if (item instanceof Site site) {
                bare.add(new Pack.Packed(site.withoutFacts(), packed.identity()));
            } else if (!(item instanceof Entry || item instanceof Redirect || item instanceof Media)) {
                bare.add(packed);
            }
        }
        Set<String> needed = needed(bare, pack, edition);
        pack.items().stream()
                .filter(p ->
                        p.item() instanceof Media && needed.contains(p.item().id()))
                .forEach(bare::add);
        return with(pack, bare, Map.of());
    }

    private static Set<String> needed(List<Pack.Packed> items, Pack pack, Edition edition) {
        Collection<Item> all = Needs.of(
                items.stream().map(Pack.Packed::item).toList(),
                id -> edition.find(id).filter(i -> i instanceof Media),
                pack.fields(),
                List.of());
        return all.stream().map(Item::id).collect(Collectors.toSet());
    }

    private static Pack with(Pack pack, List<Pack.Packed> items, Map<String, Item> pasts) {
        return new Pack(pack.holds(), pack.root(), items, pack.outside(), pasts);
    }

    private static Page bare(Page page, Template template, String taken) {
        Map<String, List<Section>> zones = template.zones().stream()
                .collect(Collectors.toMap(
                        Zone::key,
                        z -> z.starters().stream()
                                .map(s -> s.withOrigin(new Origin(template.id(), s.id(), taken)))
                                .toList()));
        return new Page(
                page.id(),
                page.title(),
                page.segment(),
                page.parent(),
                page.position(),
                page.kind(),
                page.template(),
                new Zones(zones),
                List.of(),
                Map.of(),
                BeneathRule.kept(Map.of(), page.settings()),
                page.withdrawn(),
                taken);
    }
}
