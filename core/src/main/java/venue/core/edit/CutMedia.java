package venue.core.edit;

import venue.core.media.Media;

/**
 * Shows another part of a picture, or the whole again, wherever it stands; its name, words and focal point stay.
 *
 * @param part the picture as it was cut, from the intake
 */
public record CutMedia(Media part) implements Command {

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, part.id());
        return Change.of(
                part.cut() == null ? "make " + target.name() + " whole" : "cut " + target.name(),
                target.replacedBy(part));
    }
}
