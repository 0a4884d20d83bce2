package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** Each large, with what it plays. */
final class LargeLayout extends ListingLayout {

    LargeLayout() {
        super("large", "Large, with player", Sketch.large(true, 1), "pictures", "whole", "contacts", "button");
    }

    @Override
    boolean begin(ListingCard card, ListingCard.Shown shown) {
        return card.large(shown);
    }
}
