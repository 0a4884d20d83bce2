package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** Persons, each with a round or square picture. */
final class PortraitsLayout extends ListingLayout {

    PortraitsLayout() {
        super(
                "people",
                "Portraits",
                Sketch.sideBySide(4),
                "across",
                "pictures",
                "crop",
                "missing",
                "titles",
                "contacts",
                "button");
    }

    @Override
    boolean isOfPictures() {
        return true;
    }
}
