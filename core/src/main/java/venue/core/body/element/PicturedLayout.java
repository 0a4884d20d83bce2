package venue.core.body.element;

import java.util.Set;
import venue.core.body.drawn.Sketch;
import venue.core.model.property.UsualFields;

/** A layout that shows pictures first: without any it has nothing to show. */
abstract class PicturedLayout extends ListingLayout {

    PicturedLayout(String key, String name, Sketch drawn, String... settings) {
        super(key, name, drawn, settings);
    }

    @Override
    public final String note(Stock stock) {
        return stock.some(stock.pictures(), "pictures");
    }

    @Override
    public final String whyNot(Stock stock) {
        return stock.none(stock.pictures(), "pictures");
    }

    @Override
    final Set<String> needs() {
        return Set.of(UsualFields.PICTURE);
    }

    @Override
    int share(int span, boolean first) {
        return Math.min(4, span);
    }
}
