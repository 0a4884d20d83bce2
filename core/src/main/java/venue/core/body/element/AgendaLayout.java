package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** Days in a column, and what is on beside them. */
final class AgendaLayout extends DatedLayout {

    AgendaLayout() {
        super("agenda", "Agenda", Sketch.DAYS, "contacts", "button");
    }

    @Override
    boolean setsFactsApart() {
        return true;
    }

    @Override
    boolean begin(ListingCard card, ListingCard.Shown shown) {
        card.day(shown);
        return true;
    }
}
