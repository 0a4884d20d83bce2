package venue.core.edit.media;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.ForEditors;
import venue.core.fault.Refusal;
import venue.core.media.Media;
import venue.core.usage.MediaUse;

/** Puts another file in the place of one, wherever that is used; the other one's own entry goes. */
@JsonTypeName("replace-media")
record ReplaceMedia(String media, String by) implements MediaCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, media);
        Media other = desk.edition().require(Media.class, by);
        if (media.equals(by) || target.sort() != other.sort()) {
            throw Refusal.badInput(
                    "not-alike",
                    "by",
                    "“" + other.name() + "” can't stand in for “" + target.name() + "”.",
                    "Give another file of the same sort.");
        }
        boolean spare = MediaUse.of(desk.edition(), by).isEmpty();
        return new Change(
                "replace " + target.name(), List.of(target.replacedBy(other)), spare ? List.of(by) : List.of());
    }
}
