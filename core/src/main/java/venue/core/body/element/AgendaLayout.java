package venue.core.body.element;

import java.util.Set;
import venue.core.body.drawn.Sketch;
import venue.core.model.property.UsualFields;

/** Days in a column, and what is on beside them. */
final class AgendaLayout extends ListingLayout {

    AgendaLayout() {
        super("agenda", "Agenda", Sketch.DAYS, "contacts", "button");
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
