package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Homes;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/** Removes a page, everything beneath it, and the menu lines that lead there. The home page can't be removed. */
@JsonTypeName("remove-page")
record RemovePage(String page) implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page top = edition.require(Page.class, page);
        List<String> going = edition.plan().subtree(page).toList();
        Homes.requireNotAmong(edition, going, "removed");
        Set<String> gone = Set.copyOf(going);
        List<Item> menus = edition.all(Menu.class)
                .map(m -> m.without(l -> l.pageId().filter(gone::contains).isPresent()))
                .filter(m -> !m.equals(edition.require(Menu.class, m.id())))
                .collect(Collectors.toList());
        String more = going.size() == 1 ? "" : " and " + Words.count(going.size() - 1L, "page") + " beneath it";
        return new Change("remove " + top.title() + more, menus, going);
    }
}
