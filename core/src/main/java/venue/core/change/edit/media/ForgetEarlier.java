package venue.core.change.edit.media;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.model.media.Media;

/**
 * Takes an earlier version of a file away.
 *
 * @param file the hash of its bytes
 */
@JsonTypeName("forget-earlier")
record ForgetEarlier(String media, Hash file) implements MediaCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, media);
        if (target.earlier().stream().noneMatch(e -> e.file().equals(file))) {
            throw Refusal.badInput(
                    "no-such-version",
                    "file",
                    "“" + target.name() + "” has no such earlier version.",
                    "Name one of those that it has; it may be gone already.");
        }
        return Change.of("forget an earlier version of " + target.name(), target.without(file));
    }
}
