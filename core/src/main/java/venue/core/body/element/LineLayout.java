package venue.core.body.element;

import java.util.Set;
import venue.core.body.drawn.Sketch;
import venue.core.model.property.UsualFields;

/** Along an upright line, in the order of time. */
final class LineLayout extends ListingLayout {

    LineLayout() {
        super("line", "Along a line", Sketch.ALONG, "pictures", "crop", "whole", "contacts", "button");
    }

    @Override
    public String note(Stock stock) {
        return stock.some(stock.dates(), "a date");
    }

    @Override
    Set<String> needs() {
        return Set.of(UsualFields.DATE);
    }

    @Override
    public String whyNot(Stock stock) {
        return stock.none(stock.dates(), "dates");
    }
}
