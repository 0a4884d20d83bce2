package venue.core.live.outline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Values;
import venue.core.carry.table.Csv;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageState;
import venue.core.live.appearing.Appearing;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/** The plan as a table, one row a page: written, and taken apart. */
public final class PlanTable {

    /** The most rows that are read at once. */
    public static final int MOST = 20_000;

    static final String OFF = "taken off";
    /** Of a page that is not taken off itself. */
    private static final String BENEATH_OFF = "beneath one taken off";

    private PlanTable() {}

    /** RFC 4180, with a heading; pages in reading order. */
    public static String csv(Edition edition, Edition live) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(Arrays.stream(Column.values()).map(Column::heading).toList());
        edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .map(page -> cells(edition, live, page))
                .forEach(cells -> rows.add(List.copyOf(cells.values())));
        return Csv.write(rows);
    }

    /** What stands in a page's row. */
    static Map<Column, String> cells(Edition edition, Edition live, Page page) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        cells.put(Column.ID, page.id());
        cells.put(Column.ADDRESS, edition.servedAt(page));
        cells.put(Column.TITLE, page.title());
        cells.put(Column.KIND, edition.kindOf(page).map(Kind::name).orElse(""));
        cells.put(
                Column.TEMPLATE,
                Optional.ofNullable(page.template())
                        .flatMap(id -> edition.find(Template.class, id))
                        .map(Template::name)
                        .orElse(""));
        cells.put(
                Column.PARENT,
                edition.page(page.parent()).map(edition::servedAt).orElse(""));
        cells.put(
                Column.MENUS,
                edition.menus().stream()
                        .filter(m -> m.lineTo(page.id()).isPresent())
                        .map(Menu::name)
                        .collect(Collectors.joining("; ")));
        cells.put(Column.SEARCH_TITLE, Values.text(page.settings(), "searchTitle"));
        cells.put(Column.SEARCH_DESCRIPTION, Values.text(page.settings(), "searchDescription"));
        cells.put(Column.SITEMAP, Appearing.inSitemap(edition, live, page).how() == Appearing.How.IN ? "yes" : "no");
        PageState state = PageState.of(edition, live, page);
        cells.put(
                Column.STATE,
                page.withdrawn()
                        ? OFF
                        : state == PageState.WITHDRAWN
                                ? BENEATH_OFF
                                : state.name().toLowerCase(Locale.ROOT));
        return cells;
    }

    /** The rows of a table; columns under other headings are left out. */
    public static List<PlanWish> read(String given) {
        List<List<String>> rows = Csv.read(given, MOST);
        List<Optional<Column>> columns =
                rows.get(0).stream().map(Column::called).toList();
        if (columns.stream()
                .noneMatch(c ->
                        c.filter(k -> k == Column.TITLE || k == Column.ADDRESS).isPresent())) {
            throw Refusal.badInput(
                    "no-column",
                    "text",
                    "None of these columns is called Title or Address.",
                    "Give the headings in the first row: "
                            + Arrays.stream(Column.values())
                                    .map(Column::heading)
                                    .collect(Collectors.joining(", ")) + ".");
        }
        List<PlanWish> wishes = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            Map<Column, String> cells = new EnumMap<>(Column.class);
            for (int c = 0; c < Math.min(columns.size(), rows.get(i).size()); c++) {
                String cell = rows.get(i).get(c).strip();
                columns.get(c).ifPresent(column -> cells.put(column, cell));
            }
            wishes.add(new PlanWish(i, cells));
        }
        return wishes;
    }
}
