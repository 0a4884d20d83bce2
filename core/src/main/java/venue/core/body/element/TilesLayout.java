package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** Pictures with their titles on them. */
final class TilesLayout extends PicturedLayout {

    TilesLayout() {
        super("posters", "Tiles", Sketch.sideBySide(3), "across", "pictures", "missing", "titles");
    }
}
