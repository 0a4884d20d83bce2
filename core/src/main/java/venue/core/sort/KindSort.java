package venue.core.sort;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.GroupUse;
import venue.core.model.kind.Kind;
import venue.core.model.kind.KindSettings;
import venue.core.model.kind.Placement;
import venue.core.model.property.Declared;
import venue.core.model.property.PropertyCheck;
import venue.core.model.template.Template;

/** Kinds, which show on their pages. */
final class KindSort extends Sort<Kind> {

    KindSort() {
        super(Kind.class);
    }

    @Override
    Optional<Item> anew(Kind kind, String id, Walk walk) {
        return Optional.of(kind.withId(id)
                .withFields(walk.declared(kind.fields()), walk.declared(kind.putAway()))
                .withTemplates(
                        walk.of(kind.template()),
                        kind.templates().stream()
                                .flatMap(t -> walk.named(t).stream())
                                .toList())
                .withPlacement(placement(kind.beneath(), walk))
                .withSettings(walk.named(KindSettings.kept(), kind.settings())));
    }

    @Override
    Stream<String> groups(Kind kind) {
        return GroupUse.gate(kind.settings());
    }

    @Override
    Optional<Item> called(Kind kind, String name) {
        return Optional.of(kind.withName(name, kind.note()));
    }

    @Override
    ReachedPages reach(Kind kind, Edition edition) {
        return ReachedPages.listed(edition.plan().ofKind(kind.id()));
    }

    @Override
    Item checked(Kind kind, WholeCheck check) {
        Declared.check(kind.fields(), kind.name(), Set.of());
        Declared.check(kind.putAway(), kind.name(), Set.of());
        PropertyCheck.all(KindSettings.kept(), kind.settings(), kind.name());
        return kind;
    }

    @Override
    String note(Kind kind) {
        return kind.note();
    }

    private static long following(Edition edition, List<String> pages) {
        return pages.stream()
                .flatMap(id -> edition.page(id).stream())
                .filter(p -> p.template() == null)
                .count();
    }

    @Override
    List<String> tells(@Nullable Kind live, Kind working, Between between) {
        if (live == null) {
            return List.of("New");
        }
        List<String> pages = between.working().plan().ofKind(working.id());
        if (Objects.equals(live.template(), working.template())) {
            return List.of("Changed; " + Words.count(pages.size(), "page is of it", "pages are of it"));
        }
        long follow = following(between.working(), pages);
        return List.of("Its usual template is " + name(between.working(), working.template()) + " instead of "
                + name(between.live(), live.template()) + "; " + Words.count(follow, "page follows", "pages follow"));
    }

    private static String name(Edition edition, @Nullable String template) {
        return edition.find(Template.class, template).map(Template::name).orElse("none");
    }

    @Override
    List<? extends Item> along(Kind kind, Edition edition, boolean withEntries) {
        return withEntries ? edition.entries(kind.id()) : List.of();
    }

    /** Where none is left of what it stands beneath, it stands anywhere. */
    private static Placement placement(Placement beneath, Walk walk) {
        List<String> left =
                beneath.ids().stream().flatMap(i -> walk.named(i).stream()).toList();
        return left.isEmpty() && !beneath.ids().isEmpty() ? Placement.ANYWHERE : new Placement(beneath.where(), left);
    }
}
