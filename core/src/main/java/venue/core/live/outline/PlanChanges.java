package venue.core.live.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Ids;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/**
 * What a row changes of a page that is there: a cell that says what the table says already asks for nothing.
 *
 * @param moves whether its address or its place changes
 */
record PlanChanges(List<Command> commands, List<String> says, boolean moves) {

    /**
     * @param before the plan as it was before any row
     * @param page as it was then
     */
    static PlanChanges of(Desk desk, Edition before, PlanWish wish, Page page, Map<String, String> byAddress) {
        Collector collector = new Collector(desk, wish, page, PlanTable.cells(before, desk.live(), page));
        collector.title();
        collector.kind();
        collector.template();
        boolean moves = collector.place(byAddress);
        collector.menus();
        collector.setting(Column.SEARCH_TITLE, "searchTitle");
        collector.setting(Column.SEARCH_DESCRIPTION, "searchDescription");
        collector.sitemap();
        collector.state();
        return new PlanChanges(List.copyOf(collector.commands), List.copyOf(collector.says), moves);
    }

    /** Where nothing stands in one of these, nothing is asked. */
    private static final Set<Column> NEVER_EMPTY =
            Set.of(Column.ADDRESS, Column.TITLE, Column.KIND, Column.SITEMAP, Column.STATE);

    private static final class Collector {

        private final Desk desk;
        private final PlanWish wish;
        private final Page page;
        private final Map<Column, String> now;
        private final List<Command> commands = new ArrayList<>();
        private final List<String> says = new ArrayList<>();

        private Collector(Desk desk, PlanWish wish, Page page, Map<Column, String> now) {
            this.desk = desk;
            this.wish = wish;
            this.page = page;
            this.now = now;
        }

        private Optional<String> wanted(Column column) {
            return wish.cell(column)
                    .filter(words -> !words.isEmpty() || !NEVER_EMPTY.contains(column))
                    .filter(words -> !words.equals(now.get(column)));
        }

        private void add(Column column, String to, Command command) {
            commands.add(command);
            says.add(column.heading() + ": " + (to.isEmpty() ? "none" : to));
        }

        private void title() {
            wanted(Column.TITLE).ifPresent(t -> add(Column.TITLE, t, PageCommand.setTitle(page.id(), t)));
        }

        private void kind() {
            wanted(Column.KIND)
                    .map(new PlanWords(desk)::kind)
                    .ifPresent(k -> add(Column.KIND, k.name(), PageCommand.changeKind(List.of(page.id()), k.id())));
        }

        private void template() {
            wanted(Column.TEMPLATE)
                    .ifPresent(t -> add(
                            Column.TEMPLATE,
                            t.isEmpty() ? "as its kind says" : t,
                            PageCommand.chooseTemplate(
                                    List.of(page.id()), t.isEmpty() ? null : new PlanWords(desk).template(t))));
        }

        private boolean place(Map<String, String> byAddress) {
            Edition at = desk.edition();
            Page stands = at.require(Page.class, page.id());
            Optional<String> address = wanted(Column.ADDRESS);
            // Whoever gives an address alone has said where the page stands.
            Optional<String> above = wanted(Column.PARENT)
                    .filter(words -> !words.isEmpty()
                            || wish.said(Column.ADDRESS).isEmpty()
                            || address.isEmpty() && wish.said(Column.ID).isPresent());
            Optional<PlanPlace> said = address.map(a -> PlanPlace.of(at, a, byAddress));
            @Nullable String parent = stands.parent();
            if (above.isPresent()) {
                parent = above.get().isEmpty() ? null : PlanPlace.at(at, above.get(), byAddress);
                if (said.isPresent() && !Objects.equals(said.get().parent(), parent)) {
                    throw PlanPlace.disagree(address.get(), above.get());
                }
            } else if (said.isPresent()) {
                parent = said.get().parent();
            }
            String segment = said.map(PlanPlace::segment).orElse(page.segment());
            if (!segment.equals(stands.segment())) {
                add(Column.ADDRESS, "…/" + segment, PageCommand.setSegment(page.id(), segment));
            }
            if (!Objects.equals(parent, stands.parent())) {
                String beneath = at.page(parent).map(Page::title).orElse("the top");
                add(Column.PARENT, beneath, PageCommand.movePage(page.id(), parent, null));
            }
            return !segment.equals(stands.segment()) || !Objects.equals(parent, stands.parent());
        }

        private void menus() {
            Optional<String> words = wanted(Column.MENUS);
            if (words.isEmpty()) {
                return;
            }
            List<String> wanted = new PlanWords(desk).menus(words.get());
            for (Menu menu : desk.edition().menus()) {
                boolean there = menu.lineTo(page.id()).isPresent();
                if (there && !wanted.contains(menu.id())) {
                    add(Column.MENUS, "not " + menu.name(), MenuCommand.removeFromMenu(menu.id(), page.id()));
                } else if (!there && wanted.contains(menu.id())) {
                    String line = Ids.fresh(desk.chance());
                    add(Column.MENUS, menu.name(), MenuCommand.placeInMenu(menu.id(), page.id(), line));
                }
            }
        }

        private void setting(Column column, String key) {
            wanted(column).ifPresent(w -> add(column, w, set(key, w.isEmpty() ? null : Value.of(w))));
        }

        private Command set(String key, @Nullable Value value) {
            return ValueCommand.setValue(page.id(), null, null, key, value);
        }

        private void sitemap() {
            wanted(Column.SITEMAP)
                    .filter(w -> PlanWords.isYes(w) == page.isKeptOut())
                    .ifPresent(w -> add(Column.SITEMAP, w, set("keepOut", PlanWords.isYes(w) ? null : Value.of(true))));
        }

        private void state() {
            wanted(Column.STATE)
                    .map(PlanTable.OFF::equalsIgnoreCase)
                    .filter(off -> off != page.withdrawn())
                    .ifPresent(off -> add(
                            Column.STATE,
                            off ? PlanTable.OFF : "on the site",
                            PageCommand.withdrawPage(page.id(), off)));
        }
    }
}
