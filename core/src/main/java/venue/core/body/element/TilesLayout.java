package venue.core.body.element;

import java.util.Set;
import venue.core.body.drawn.Sketch;
import venue.core.model.property.UsualFields;

/** Pictures with their titles on them. */
final class TilesLayout extends ListingLayout {

    TilesLayout() {
        super("posters", "Tiles", Sketch.sideBySide(3), "across", "pictures", "missing", "titles");
    }

    @Override
    public String note(Stock stock) {
        return stock.some(stock.pictures(), "pictures");
    }

    @Override
    Set<String> needs() {
        return Set.of(UsualFields.PICTURE);
    }

    @Override
    public String whyNot(Stock stock) {
        return stock.none(stock.pictures(), "pictures");
    }

    @Override
    int share(int span, boolean first) {
        return Math.min(4, span);
    }
}
