package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** One beneath the other, words beside a picture. */
final class RowsLayout extends ListingLayout {

    RowsLayout() {
        super("rows", "Rows", Sketch.lines(1.2, 1.7, 0.75), OF_CARDS);
    }
}
