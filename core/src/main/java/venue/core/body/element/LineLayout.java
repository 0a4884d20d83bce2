package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** Along an upright line, in the order of time. */
final class LineLayout extends DatedLayout {

    LineLayout() {
        super("line", "Along a line", Sketch.ALONG, "pictures", "crop", "whole", "contacts", "button");
    }
}
