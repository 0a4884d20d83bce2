package venue.core.body.element;

import venue.core.body.drawn.Drawn;

/** Each large, with what it plays. */
final class LargeLayout extends ListingLayout {

    LargeLayout() {
        super("large", "Large, with player", Drawn.large(true, 1), "pictures", "whole", "contacts", "button");
    }

    @Override
    boolean begin(ListingCard card, ListingCard.Shown shown) {
        return card.large(shown);
    }
}
