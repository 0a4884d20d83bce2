package venue.core.edition.edition;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.site.Role;

/**
 * Where pages may live: what a kind may stand beneath, and what may stand beneath a page. Both must hold. Managers may pass
 * over them.
 */
public final class Places {

    private Places() {}

    /**
     * What somebody may create in a place.
     *
     * @param whyNot why the rules don't allow it there; empty when they do
     * @param may whether this role may make it all the same
     * @param editors whether editors may
     */
    public record Answer(Kind kind, Optional<String> whyNot, boolean may, boolean editors) {}

    /** "What may I create here?", kind by kind, for a role; the top where no parent is named. */
    public static List<Answer> here(Edition edition, @Nullable String parent, Role role) {
        return edition.all(Kind.class)
                .filter(k -> !k.retired() && !k.isPageless())
                .sorted(Comparator.comparing(Kind::offeredFirst).reversed().thenComparing(Kind::name))
                .map(k -> answer(edition, k, parent, role))
                .toList();
    }

    /** Whether a role may make a page of {@code kind} there. */
    public static Answer answer(Edition edition, Kind kind, @Nullable String parent, Role role) {
        Answer standing = standing(edition, kind, parent, role);
        return whyNotMade(kind, role)
                .map(why -> new Answer(kind, Optional.of(why), false, standing.editors()))
                .orElse(standing);
    }

    private static Optional<String> whyNotMade(Kind kind, Role role) {
        if (kind.retired()) {
            return Optional.of("are not made any more: the kind is retired");
        }
        if (kind.isPageless()) {
            return Optional.of("have no place in the plan: they are entries, shown by listings");
        }
        return role == Role.EDITOR && kind.madeBy() == Role.MANAGER
                ? Optional.of("are made by managers only")
                : Optional.empty();
    }

    /** Whether a role may move a page of {@code kind} there: who makes such pages, and whether any are, is all one. */
    public static Answer standing(Edition edition, Kind kind, @Nullable String parent, Role role) {
        Optional<String> rule = whyNot(edition, kind, parent);
        boolean editors = rule.isEmpty() && whyNotMade(kind, Role.EDITOR).isEmpty();
        return new Answer(kind, rule, rule.isEmpty() || role == Role.MANAGER, editors);
    }

    /** Why the rules don't allow a page of {@code kind} beneath {@code parent} (absent: at the top); empty when they do. */
    public static Optional<String> whyNot(Edition edition, Kind kind, @Nullable String parent) {
        Optional<Page> above = edition.page(parent);
        boolean fits = switch (kind.beneath().where()) {
            case ANYWHERE -> true;
            case BENEATH_PAGES -> parent != null && kind.beneath().ids().contains(parent);
            case BENEATH_KINDS ->
                above.isPresent() && kind.beneath().ids().contains(above.get().kind());
        };
        if (!fits) {
            return Optional.of("stand beneath " + names(edition, kind.beneath().ids()) + " only");
        }
        if (parent == null) {
            return Beneath.atTop(edition)
                    .filter(h -> !h.kinds().contains(kind.id()))
                    .map(h -> h.kinds().isEmpty()
                            ? "can’t stand at the top of the plan: nothing new does"
                            : "can’t stand at the top of the plan: only " + names(edition, h.kinds()));
        }
        return above.flatMap(p -> Beneath.of(edition, p))
                .filter(h -> !h.kinds().contains(kind.id()))
                .map(h -> refused(edition, above.get(), h));
    }

    private static String refused(Edition edition, Page above, Beneath holds) {
        String says =
                holds.by().id().equals(above.id()) ? "" : ", as " + holds.by().name() + " says";
        return holds.kinds().isEmpty()
                ? "can’t stand here: nothing stands beneath this page" + says
                : "can’t stand here: only " + names(edition, holds.kinds()) + says;
    }

    private static String names(Edition edition, List<String> ids) {
        String named = ids.stream()
                .flatMap(id -> edition.find(id).map(Item::name).stream())
                .collect(Collectors.joining(" or "));
        return named.isEmpty() ? "a page that is gone" : named;
    }
}
