package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.listing.Held;
import venue.core.body.listing.Listed;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;

/** Entries as the rows of a table; its columns are the title, the date and the fields that are chosen, or those that the kind shows. */
final class ListingTable {

    private static final String TITLE = "title";

    private final Props props;
    private final Scene scene;
    private final HtmlWriter out;

    ListingTable(Props props, HtmlWriter out) {
        this.props = props;
        this.scene = props.scene();
        this.out = out;
    }

    private record Column(String key, String label, boolean figures) {}

    void write(Listed listed, List<Page> pages) {
        List<Column> columns = columns(pages);
        out.start("div", "table listed").attr("tabindex", 0).attr("role", "group");
        out.attr("aria-label", scene.words().say(Phrase.TABLE)).start("table");
        out.start("thead").start("tr");
        columns.forEach(c -> head(c, listed));
        out.end().end().start("tbody");
        pages.forEach(p -> row(p, columns));
        out.end().end().end();
    }

    /** A link that has the rows in the order of the column; where they are, in the other. */
    private void head(Column column, Listed listed) {
        String sorted = listed.chosen().getOrDefault(Listed.SORT, "");
        boolean up = sorted.equals(column.key());
        Map<String, String> next = new TreeMap<>(listed.chosen());
        next.put(Listed.SORT, up ? "-" + column.key() : column.key());
        start("th", column).attr("scope", "col");
        if (up || sorted.equals("-" + column.key())) {
            out.attr("aria-sort", up ? "ascending" : "descending");
        }
        out.start("a")
                .attr("href", scene.gathered().listings().further(listed.name(), 1, next))
                .attr("rel", "nofollow");
        out.text(column.label()).end().end();
    }

    private HtmlWriter start(String tag, Column column) {
        return column.figures() ? out.start(tag, "sum") : out.start(tag);
    }

    private List<Column> columns(List<Page> pages) {
        List<String> chosen = props.groups("fields").stream()
                .map(f -> f.text("field"))
                .filter(k -> !k.isEmpty())
                .toList();
        Stream<String> usual = Stream.concat(
                props.flag("dates") ? Stream.of(TITLE, UsualFields.DATE) : Stream.of(TITLE),
                props.flag("facts")
                        ? pages.stream()
                                .limit(1)
                                .flatMap(p -> scene.words().shownFields(p).stream())
                                .map(Property::key)
                        : Stream.empty());
        List<String> keys = chosen.isEmpty()
                ? usual.distinct().toList()
                : Stream.concat(chosen.contains(TITLE) ? Stream.empty() : Stream.of(TITLE), chosen.stream())
                        .distinct()
                        .toList();
        return keys.stream().flatMap(k -> column(k, pages).stream()).toList();
    }

    /** A column that no entry has anything in is left out. */
    private Optional<Column> column(String key, List<Page> pages) {
        if (key.equals(TITLE)) {
            return Optional.of(new Column(TITLE, scene.words().say(Phrase.TITLE), false));
        }
        return pages.stream()
                .filter(p -> scene.words()
                        .field(p, key)
                        .filter(v -> !Held.words(v).isEmpty())
                        .isPresent())
                .flatMap(p -> scene.words().declared(p, key).stream())
                .findFirst()
                .map(f -> new Column(key, f.label(), f.type() == PropertyType.NUMBER));
    }

    private void row(Page page, List<Column> columns) {
        out.start("tr");
        for (Column column : columns) {
            if (column.key().equals(TITLE)) {
                out.start("th").attr("scope", "row");
                ListingCard.title(scene, page, out);
            } else {
                start("td", column).text(words(page, column.key()));
            }
            out.end();
        }
        out.end();
    }

    private String words(Page page, String key) {
        return key.equals(UsualFields.DATE)
                ? Days.said(scene.words().words(page, key), props.text("dateForm"), scene)
                : scene.words().said(page, key);
    }
}
