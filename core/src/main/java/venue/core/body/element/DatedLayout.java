package venue.core.body.element;

import java.util.Set;
import venue.core.body.drawn.Sketch;
import venue.core.model.property.UsualFields;

/** A layout in the order of days: what has none has no place in it. */
abstract class DatedLayout extends ListingLayout {

    DatedLayout(String key, String name, Sketch drawn, String... settings) {
        super(key, name, drawn, settings);
    }

    @Override
    public final String note(Stock stock) {
        return stock.some(stock.dates(), "a date");
    }

    @Override
    public final String whyNot(Stock stock) {
        return stock.none(stock.dates(), "dates");
    }

    @Override
    final Set<String> needs() {
        return Set.of(UsualFields.DATE);
    }
}
