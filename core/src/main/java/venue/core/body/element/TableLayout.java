package venue.core.body.element;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.drawn.Sketch;
import venue.core.body.listing.Listed;
import venue.core.body.scene.Props;
import venue.core.model.page.Page;

/** Rows of a table, which visitors can sort. */
final class TableLayout extends ListingLayout {

    TableLayout() {
        super("table", "Table", Sketch.TABLE);
    }

    @Override
    public String note(Stock stock) {
        return "visitors can sort";
    }

    @Override
    boolean sorts() {
        return true;
    }

    @Override
    void write(Props props, Listed listed, List<Page> pages, int level, HtmlWriter out) {
        new ListingTable(props, out).write(listed, pages);
    }
}
