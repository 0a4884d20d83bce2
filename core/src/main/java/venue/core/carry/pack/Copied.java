package venue.core.carry.pack;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.carry.beginning.NewSite;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.sort.Bare;
import venue.core.sort.Sorts;

/** What a whole site's pack is for another site that begins as its copy. */
public final class Copied {

    private Copied() {}

    /** The same under another name, in another language and time zone. */
    public static Pack as(NewSite asked, Pack pack) {
        return pack.withSite(s -> s.described(asked.name(), asked.language(), asked.zone()));
    }

    /**
     * Structure and theme alone: every page with what its template brings, and nothing that was written or shown on it.
     *
     * @param hashOf the hash of an item's content, which copies of a template's sections remember
     */
    public static Pack structure(Pack pack, Function<Item, Hash> hashOf) {
        Edition edition =
                Edition.of(pack.items().stream().map(Pack.Packed::item).toList());
        Bare bare = new Bare(edition, hashOf);
        List<Pack.Packed> left = pack.items().stream()
                .flatMap(p -> Sorts.bare(p.item(), bare).map(i -> new Pack.Packed(i, p.identity())).stream())
                .toList();
        Collection<Item> needed = PackNeeds.of(
                left.stream().map(Pack.Packed::item).toList(),
                id -> edition.find(Media.class, id).map(Item.class::cast),
                pack.fields(),
                List.of());
        List<Pack.Packed> all = Stream.concat(
                        left.stream(),
                        pack.items().stream()
                                .filter(p -> edition.find(Media.class, p.item().id())
                                        .filter(needed::contains)
                                        .isPresent()))
                .toList();
        return new Pack(pack.holds(), pack.root(), all, pack.outside(), Map.of());
    }
}
