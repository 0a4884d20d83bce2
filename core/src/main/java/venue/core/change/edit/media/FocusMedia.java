package venue.core.change.edit.media;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.model.media.Media;

/** Sets the point of a picture that stays in sight wherever it is cropped, in percent from the left and the top. */
@JsonTypeName("focus-media")
record FocusMedia(String media, int x, int y) implements MediaCommand, ForEditors {

    private static final int WHOLE = 100;

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, media);
        if (x < 0 || x > WHOLE || y < 0 || y > WHOLE) {
            throw Refusal.badInput(
                    "out-of-range",
                    "x",
                    "The point is at " + x + ", " + y + "; both run from 0 to 100 percent.",
                    "Give a point within the picture.");
        }
        return Change.of("focal point of " + target.name(), target.withFocal(x, y));
    }
}
