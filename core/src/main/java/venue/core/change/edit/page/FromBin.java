package venue.core.change.edit.page;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Segments;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/**
 * Brings removed pages back as they were: beneath the page above them, or at the top where that is gone; under their address, or one
 * beside it where another page has it by now; and with the menu lines that led to them.
 *
 * @param pages as they were, those above before those beneath
 * @param menus as they were before the pages were removed
 */
record FromBin(List<Page> pages, List<Menu> menus) implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        List<Page> back =
                pages.stream().filter(p -> edition.page(p.id()).isEmpty()).toList();
        if (back.isEmpty()) {
            throw Refusal.conflict("in-plan", "page", "These pages are in the plan already.", "Nothing needs doing.");
        }
        Set<String> ids = back.stream().map(Page::id).collect(Collectors.toSet());
        Map<String, Item> put = new HashMap<>();
        for (Page page : back) {
            requireKind(edition, page);
            String parent = page.parent() != null
                            && (ids.contains(page.parent())
                                    || edition.page(page.parent()).isPresent())
                    ? page.parent()
                    : null;
            String segment = ids.contains(String.valueOf(parent))
                    ? page.segment()
                    : Segments.free(edition, parent, page.segment(), page.id());
            put.put(page.id(), page.withPlace(parent, page.position()).withSegment(segment));
        }
        for (Menu was : menus) {
            edition.find(Menu.class, was.id())
                    .map(now -> MenuLinesBack.in(now, was, ids))
                    .filter(m -> !edition.require(Menu.class, m.id()).equals(m))
                    .ifPresent(m -> put.put(m.id(), m));
        }
        return new Change(name(back), new ArrayList<>(put.values()), List.of());
    }

    private static void requireKind(Edition edition, Page page) {
        if (edition.find(Kind.class, page.kind()).isEmpty()) {
            throw Refusal.conflict(
                    "kind-gone",
                    "page",
                    "The kind of “" + page.title() + "” is not there any more.",
                    "Undo what took the kind away, and bring the page back then.");
        }
    }

    private static String name(List<Page> back) {
        String more = back.size() == 1 ? "" : " and " + Words.count(back.size() - 1L, "page") + " beneath it";
        return "bring back " + back.get(0).title() + more;
    }
}
