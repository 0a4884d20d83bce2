package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** Titles with their days, close together. */
final class CompactLayout extends ListingLayout {

    CompactLayout() {
        super("compact", "Compact", Sketch.lines(0.6, 1.1, 1), "across");
    }

    @Override
    boolean says() {
        return false;
    }

    @Override
    boolean begin(ListingCard card, ListingCard.Shown shown) {
        return false;
    }
}
