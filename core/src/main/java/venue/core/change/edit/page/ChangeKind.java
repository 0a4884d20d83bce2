package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.fitting.Arranged;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Places;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/**
 * Makes pages ones of another kind. They keep what their fields hold, so that it is there again when they come back; those that may not
 * wear their template any more wear what the kind says.
 *
 * @param evenSo also where the rules of placement don't allow it; for managers
 */
@JsonTypeName("change-kind")
record ChangeKind(List<String> pages, String kind, @Nullable Boolean evenSo) implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Kind to = desk.edition().require(Kind.class, kind);
        List<Item> put = new ArrayList<>();
        for (String id : pages) {
            Page page = desk.edition().require(Page.class, id);
            if (!page.kind().equals(kind)) {
                PlaceCheck.require(desk, Places.answer(desk.edition(), to, page.parent(), desk.role()), evenSo);
                put.add(turned(desk, page, to));
            }
        }
        String name = put.size() == 1 ? put.get(0).name() : Words.count(put.size(), "page");
        return new Change("kind of " + name, put, List.of());
    }

    private static Page turned(Desk desk, Page page, Kind to) {
        Edition edition = desk.edition();
        String chosen = page.template() != null && to.mayWear(page.template()) ? page.template() : null;
        Page turned = page.withKind(to.id()).wearing(chosen);
        Template wears = edition.worn(turned).template();
        return wears.equals(edition.worn(page).template())
                ? turned
                : Arranged.of(edition, page, chosen, wears)
                        .withKind(to.id())
                        .withTaken(desk.hashOf().apply(wears.id()));
    }
}
