package venue.server.menu;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Hash;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Branch;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.usage.MenuUse;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** Menus with their lines, and which lines would go along with a page. */
@RestController
@RequestMapping("/api/sites/{site}")
class MenuController {

    /**
     * A line of a menu.
     *
     * @param follows how many levels of its page's branch stand beneath it by themselves
     * @param settings to whom it is shown, of those who may open what it leads to
     * @param following the lines that do
     * @param beneath its own lines
     */
    record MenuLine(
            String id,
            @JsonUnwrapped LineLink link,
            int follows,
            Map<String, Value> settings,
            List<MenuLine> following,
            List<MenuLine> beneath) {

        /**
         * Where it leads and what it says.
         *
         * @param link where it leads, as it is kept; absent for a heading
         * @param label its own words; absent where it takes those of its page
         * @param takes the words that it takes where it has none of its own
         * @param leads the address that it leads to; absent where its page is gone
         * @param unseen why visitors don't see it; absent where they do
         */
        public record LineLink(
                @Nullable String link,
                @Nullable String label,
                String takes,
                @Nullable String leads,
                @Nullable String unseen) {}
    }

    /**
     * A menu.
     *
     * @param revision what a change of it is given upon
     * @param places the facts of the site by which it is shown around every page
     * @param sections the items in whose sections it stands
     */
    record MenuDetail(
            String id, Hash revision, String name, List<String> places, List<Showing> sections, List<MenuLine> lines) {}

    /** An item that shows a menu. */
    record Showing(String id, ItemSort sort, String name) {}

    /**
     * A line that could go along with its page.
     *
     * @param from the line above it now; absent where it stands on the first level
     * @param to the line above it then
     */
    record LineMove(
            String menu,
            String name,
            @Nullable String from,
            @Nullable String to) {}

    @GetMapping("/menus/{menu}")
    MenuDetail menu(Here here, @PathVariable("menu") String id) {
        Standing standing = here.now();
        Menu menu = standing.working().require(Menu.class, id);
        Edition working = standing.working();
        return new MenuDetail(
                id,
                standing.hashOf(id),
                menu.name(),
                MenuUse.places(working, id).stream().map(Property::key).toList(),
                MenuUse.sections(working, id).stream()
                        .map(i -> new Showing(i.id(), ItemSort.of(i), i.name()))
                        .toList(),
                lines(standing, menu.lines()));
    }

    /** The lines of a page that would stand elsewhere if it stood beneath {@code parent}, or at the top. */
    @GetMapping("/pages/{page}/lines")
    List<LineMove> lines(
            Here here, @PathVariable("page") String id, @RequestParam(required = false) @Nullable String parent) {
        Edition edition = here.working();
        Page page = edition.require(Page.class, id);
        if (parent != null) {
            edition.require(Page.class, parent);
        }
        return edition.menus().stream()
                .flatMap(before ->
                        before
                                .goneAlong(page.id(), parent)
                                .map(after -> move(edition, before, after, page.id()))
                                .stream())
                .toList();
    }

    private static LineMove move(Edition edition, Menu before, Menu after, String page) {
        return new LineMove(before.id(), before.name(), above(edition, before, page), above(edition, after, page));
    }

    private static @Nullable String above(Edition edition, Menu menu, String page) {
        return menu.lineTo(page)
                .flatMap(l -> menu.above(l.id()))
                .map(l -> l.words(edition::page))
                .orElse(null);
    }

    private static List<MenuLine> lines(Standing standing, List<Line> lines) {
        return lines.stream().map(l -> line(standing, l)).toList();
    }

    private static MenuLine line(Standing standing, Line line) {
        Edition edition = standing.working();
        Link link = line.link();
        Optional<String> id = line.pageId();
        Optional<Page> page = id.flatMap(edition::page);
        return new MenuLine(
                line.id(),
                new MenuLine.LineLink(
                        link == null ? null : link.target(),
                        line.label(),
                        page.map(Page::menuLabel).orElse(""),
                        link == null ? null : leads(edition, link, page),
                        id.isEmpty() ? null : unseen(standing, page).orElse(null)),
                line.follows(),
                line.settings(),
                lines(standing, Branch.of(edition, line)),
                lines(standing, line.beneath()));
    }

    private static @Nullable String leads(Edition edition, Link link, Optional<Page> page) {
        return page.map(edition::servedAt)
                .map(at -> at + link.anchor())
                .or(() -> link.pageId().isPresent() ? Optional.empty() : Optional.of(link.target()))
                .orElse(null);
    }

    private static Optional<String> unseen(Standing standing, Optional<Page> page) {
        if (page.isEmpty()) {
            return Optional.of("its page is gone");
        }
        if (!standing.working().plan().isShown(page.get().id())) {
            return Optional.of("its page is taken off the site");
        }
        return standing.live().page(page.get().id()).isEmpty()
                ? Optional.of("shows once its page is released")
                : Optional.empty();
    }
}
