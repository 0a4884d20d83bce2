package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.Positions;
import venue.core.change.edit.Rights;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Ordered;
import venue.core.edition.edition.Places;
import venue.core.edition.edition.Segments;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/**
 * Moves a page, with everything beneath it.
 *
 * @param parent the page above; absent for the top
 * @param before the sibling that shall follow; absent for the end
 * @param evenSo moves it where the rules of placement don't allow it; for managers
 * @param menus menus in which its line goes along, beneath that of the page that is above it now
 */
@JsonTypeName("move-page")
record MovePage(
        String page,
        @Nullable String parent,
        @Nullable String before,
        @Nullable Boolean evenSo,
        @Nullable List<String> menus)
        implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page moving = edition.require(Page.class, page);
        Rights.requireChange(desk.role(), edition, moving);
        if (parent != null) {
            requireElsewhere(edition, moving, edition.require(Page.class, parent));
        }
        boolean sameParent = Objects.equals(parent, moving.parent());
        if (sameParent) {
            requireByHand(edition, parent);
        }
        if (!sameParent) {
            Kind kind = edition.require(Kind.class, moving.kind());
            PlaceCheck.require(desk, Places.standing(edition, kind, parent, desk.role()), evenSo);
            Segments.requireFree(edition, parent, moving.segment(), page);
        }
        Positions.Found place = Positions.find(edition, parent, before, page, 1);
        List<Item> put = new ArrayList<>(place.renumbered());
        put.add(moving.withPlace(parent, place.positions().get(0)));
        Objects.requireNonNullElse(menus, List.<String>of()).stream()
                .map(id -> edition.require(Menu.class, id))
                .flatMap(menu -> menu.goneAlong(page, parent).stream())
                .forEach(put::add);
        return new Change("move " + moving.title(), put, List.of());
    }

    private static void requireByHand(Edition edition, @Nullable String parent) {
        if (Ordered.kept(edition, parent).isPresent()) {
            throw Refusal.conflict(
                    "keeps-order",
                    "before",
                    "What is beneath “"
                            + edition.require(Page.class, String.valueOf(parent))
                                    .title() + "” keeps itself in order.",
                    "Order it by hand first: the card of the page above says how.");
        }
    }

    private static void requireElsewhere(Edition edition, Page moving, Page above) {
        boolean within = above.id().equals(moving.id())
                || edition.plan().ancestors(above.id()).contains(moving.id());
        if (within) {
            throw Refusal.badInput(
                    "beneath-itself",
                    "parent",
                    "“" + moving.title() + "” can't stand beneath itself.",
                    "Choose a place outside it; what is beneath it moves along.");
        }
    }
}
