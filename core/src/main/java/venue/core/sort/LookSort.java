package venue.core.sort;

import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** Looks, of which every page wears the site's. */
final class LookSort extends Sort<Look> {

    LookSort() {
        super(Look.class);
    }

    @Override
    Optional<Item> anew(Look look, String id, Walk walk) {
        return Optional.of(new Look(id, look.name(), walk.needed(ThemeSettings.all(), look.settings())));
    }

    @Override
    Optional<Item> called(Look look, String name) {
        return Optional.of(new Look(look.id(), name, look.settings()));
    }

    @Override
    ReachedPages reach(Look look, Edition edition) {
        return look.id().equals(edition.site().look()) ? ReachedPages.all(edition) : ReachedPages.NONE;
    }
}
