package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.carry.pack.Twin;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.Positions;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Places;
import venue.core.edition.edition.Segments;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.Segment;

/**
 * Makes a page once more, right after it; nothing leads to the copy yet, and visitors get it when it is released.
 *
 * @param id the copy's
 * @param title the copy's; its address is made from it
 * @param branch whether everything beneath the page is copied too
 * @param evenSo makes it where the rules of placement don't allow it; for managers
 */
@JsonTypeName("duplicate-page")
record DuplicatePage(
        String page,
        String id,
        String title,
        boolean branch,
        @Nullable Boolean evenSo) implements PageCommand, ForEditors {

    /** The most pages that are copied at once. */
    private static final int MOST = 500;

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page original = edition.require(Page.class, page);
        if (edition.find(Ids.check(id, "id")).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "This copy has been made already.", "Reload to see it.");
        }
        List<Page> pages = pages(edition, original);
        pages.forEach(p -> PlaceCheck.require(
                desk,
                Places.answer(edition, edition.require(Kind.class, p.kind()), p.parent(), desk.role()),
                p == original ? evenSo : Boolean.TRUE));
        Map<String, String> ids = new HashMap<>();
        pages.forEach(p -> ids.put(p.id(), p == original ? id : desk.freshId()));
        Positions.Found place = Positions.find(edition, original.parent(), next(edition, original), null, 1);
        List<Item> put = new ArrayList<>(place.renumbered());
        for (Page copy : Twin.of(edition, pages, ids)) {
            Page fresh = copy.withSetting("searchTitle", null).withWithdrawn(false);
            put.add(copy.id().equals(id) ? top(edition, fresh, original, place) : fresh);
        }
        String more = pages.size() == 1 ? "" : " and " + Words.count(pages.size() - 1L, "page") + " beneath it";
        return new Change("duplicate " + original.title() + more, put, List.of());
    }

    private Page top(Edition edition, Page copy, Page original, Positions.Found place) {
        String words = Page.checkTitle(title);
        return copy.withTitle(words)
                .withSegment(Segments.free(edition, original.parent(), Segment.fromTitle(words), null))
                .withSetting("menuLabel", null)
                .withPlace(original.parent(), place.positions().get(0));
    }

    private List<Page> pages(Edition edition, Page original) {
        if (!branch) {
            return List.of(original);
        }
        List<Page> pages = edition.plan()
                .subtree(page)
                .map(p -> edition.require(Page.class, p))
                .toList();
        if (pages.size() > MOST) {
            throw Refusal.badInput(
                    "too-many-pages",
                    "branch",
                    pages.size() + " pages; " + MOST + " can be copied at once.",
                    "Copy smaller branches one after another.");
        }
        return pages;
    }

    private static @Nullable String next(Edition edition, Page original) {
        List<String> siblings = edition.plan().beneath(original.parent());
        int after = siblings.indexOf(original.id()) + 1;
        return after < siblings.size() ? siblings.get(after) : null;
    }
}
