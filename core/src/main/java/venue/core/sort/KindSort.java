package venue.core.sort;

import java.util.List;
import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.kind.KindSettings;
import venue.core.model.kind.Placement;

/** Kinds, which show on their pages. */
final class KindSort extends Sort<Kind> {

    KindSort() {
        super(Kind.class);
    }

    @Override
    Optional<Item> anew(Kind kind, String id, Walk walk) {
        return Optional.of(new Kind(
                id,
                kind.name(),
                kind.note(),
                walk.declared(kind.fields()),
                walk.declared(kind.putAway()),
                kind.templates().stream().flatMap(t -> walk.named(t).stream()).toList(),
                walk.of(kind.template()),
                placement(kind.beneath(), walk),
                walk.named(KindSettings.all(), kind.settings()),
                kind.retired()));
    }

    @Override
    Optional<Item> called(Kind kind, String name) {
        return Optional.of(kind.withName(name, kind.note()));
    }

    @Override
    ReachedPages reach(Kind kind, Edition edition) {
        return ReachedPages.listed(edition.plan().ofKind(kind.id()));
    }

    /** Where none is left of what it stands beneath, it stands anywhere. */
    private static Placement placement(Placement beneath, Walk walk) {
        List<String> left =
                beneath.ids().stream().flatMap(i -> walk.named(i).stream()).toList();
        return left.isEmpty() && !beneath.ids().isEmpty() ? Placement.ANYWHERE : new Placement(beneath.where(), left);
    }
}
