package venue.core.body.element;

import java.util.Set;
import venue.core.body.drawn.Sketch;
import venue.core.model.property.UsualFields;

/** Pictures, and nothing beside them but their titles. */
final class GalleryLayout extends ListingLayout {

    GalleryLayout() {
        super("gallery", "Gallery", Sketch.sideBySide(5), "across", "pictures", "titles");
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
    boolean isOfPictures() {
        return true;
    }

    @Override
    boolean says() {
        return false;
    }

    @Override
    boolean tellsFacts() {
        return false;
    }

    @Override
    int share(int span, boolean first) {
        return Math.min(4, span);
    }
}
