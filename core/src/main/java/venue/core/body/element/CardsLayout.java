package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** Pictures with words beneath, side by side. */
final class CardsLayout extends ListingLayout {

    CardsLayout() {
        super(
                "cards",
                "Cards",
                Sketch.sideBySide(3),
                "across",
                "cards",
                "pictures",
                "crop",
                "missing",
                "titles",
                "whole",
                "contacts",
                "button");
    }

    @Override
    int share(int span, boolean first) {
        return Math.min(4, span);
    }
}
