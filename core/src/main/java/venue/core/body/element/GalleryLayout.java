package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** Pictures, and nothing beside them but their titles. */
final class GalleryLayout extends PicturedLayout {

    GalleryLayout() {
        super("gallery", "Gallery", Sketch.sideBySide(5), "across", "pictures", "titles");
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
}
