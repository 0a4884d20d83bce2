package venue.core.change.edit.media;

import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.model.media.Media;

/**
 * Shows another part of a picture, or the whole again, wherever it stands; its name, words and focal point stay.
 *
 * @param part the picture as it was cut, from the intake
 */
record CutMedia(Media part) implements MediaCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, part.id());
        return Change.of(
                part.cut() == null ? "make " + target.name() + " whole" : "cut " + target.name(),
                target.replacedBy(part));
    }
}
