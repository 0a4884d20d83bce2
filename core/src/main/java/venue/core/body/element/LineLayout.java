package venue.core.body.element;

import venue.core.body.drawn.Sketch;

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
    public String whyNot(Stock stock) {
        return stock.none(stock.dates(), "dates");
    }
}
