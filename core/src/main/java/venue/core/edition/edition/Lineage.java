package venue.core.edition.edition;

import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.model.section.Origin;
import venue.core.model.section.Original;
import venue.core.model.section.Section;

/** How a section stands to its origin. */
public enum Lineage {
    /** As the origin is now, but for what its places to fill hold. */
    IN_STEP,
    /** As the origin was, but for what its places to fill hold; it has moved on since. */
    BEHIND,
    /** Changed on this page where the origin may change again. */
    ADAPTED,
    /** No origin, or one that is gone. */
    OWN;

    /**
     * @param past finds a content by its hash, for what the origin was when this copy took it
     */
    public static Lineage of(Edition edition, Section section, Function<Hash, Optional<Item>> past) {
        Origin origin = section.origin();
        if (origin == null) {
            return OWN;
        }
        Optional<Section> now = edition.find(origin.item()).flatMap(i -> sectionOf(i, origin.section()));
        if (now.isPresent() && section.isFilledFrom(now.get())) {
            return IN_STEP;
        }
        Optional<Section> then = past.apply(origin.taken()).flatMap(i -> sectionOf(i, origin.section()));
        if (then.isPresent() && section.isFilledFrom(then.get())) {
            return now.isPresent() ? BEHIND : OWN;
        }
        return ADAPTED;
    }

    private static Optional<Section> sectionOf(@Nullable Item item, String sectionId) {
        return item instanceof Original original ? original.section(sectionId) : Optional.empty();
    }
}
