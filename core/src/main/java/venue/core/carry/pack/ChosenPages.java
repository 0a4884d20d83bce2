package venue.core.carry.pack;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;

/** Some pages of a pack with what they need; the rest is named as what never came along. */
final class ChosenPages {

    private ChosenPages() {}

    static Pack of(Pack pack, Collection<String> ids) {
        Map<String, Page> pages = new HashMap<>();
        pack.pages().forEach(p -> pages.put(p.id(), p));
        List<Page> chosen =
                ids.stream().distinct().map(id -> require(pages, id)).toList();
        Page root = chosen.stream()
                .min(Comparator.<Page>comparingInt(p -> depth(pages, p)).thenComparingLong(Page::position))
                .orElseThrow(() -> Refusal.badInput(
                        "no-page-chosen", "pages", "No page of this pack is chosen.", "Choose one at least."));
        Map<String, Item> all = pack.byId();
        List<Kind> kinds = pack.all(Kind.class).toList();
        Set<String> needed = PackNeeds.of(chosen, id -> Optional.ofNullable(all.get(id)), pack.fields(), kinds).stream()
                .map(Item::id)
                .collect(Collectors.toSet());
        List<Pack.Packed> items = pack.items().stream()
                .filter(p -> needed.contains(p.item().id()))
                .toList();
        return pack.cut(Pack.Holds.PAGE, root.id(), items);
    }

    private static Page require(Map<String, Page> pages, String id) {
        Page page = pages.get(id);
        if (page == null) {
            throw Refusal.badInput(
                    "no-such-page-in-pack",
                    "pages",
                    "This pack holds no page “" + id + "”.",
                    "Choose of those that its report names.");
        }
        return page;
    }

    private static int depth(Map<String, Page> pages, Page page) {
        int deep = 0;
        for (Page at = page; at.parent() != null && deep <= pages.size(); deep++) {
            Page above = pages.get(at.parent());
            if (above == null) {
                break;
            }
            at = above;
        }
        return deep;
    }
}
