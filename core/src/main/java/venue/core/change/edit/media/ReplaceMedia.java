package venue.core.change.edit.media;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.usage.MediaUse;
import venue.core.model.media.Media;

/**
 * Puts another file in the place of one, wherever that is used; the other one's own entry goes.
 *
 * @param keep whether the one that was there can still be had, as an earlier version
 */
@JsonTypeName("replace-media")
record ReplaceMedia(String media, String by, boolean keep) implements MediaCommand, ForEditors {

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
        if (keep && !target.canKeepEarlier()) {
            throw Refusal.badInput(
                    "not-kept",
                    "keep",
                    "“" + target.name() + "” is shown and not taken along, so no earlier version of it is kept.",
                    "Replace it without keeping the one that is there.");
        }
        boolean spare = MediaUse.of(desk.edition(), by).isEmpty();
        return new Change(
                "replace " + target.name(),
                List.of(keep ? target.followedBy(other) : target.replacedBy(other)),
                spare ? List.of(by) : List.of());
    }
}
