package venue.core.change.edit.media;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.usage.MediaUse;
import venue.core.model.media.Media;

/**
 * Takes a file away.
 *
 * @param anyway whether it goes even where it is used; its places are then empty
 */
@JsonTypeName("remove-media")
record RemoveMedia(String media, boolean anyway) implements MediaCommand, ForEditors {

    private static final int NAMED = 3;

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, media);
        List<Item> users = MediaUse.of(desk.edition(), media);
        if (!users.isEmpty() && !anyway) {
            String names = users.stream().limit(NAMED).map(Item::name).collect(Collectors.joining(", "));
            throw Refusal.conflict(
                    "in-use",
                    "media",
                    "“" + target.name() + "” is used in " + users.size()
                            + (users.size() == 1 ? " place: " : " places: ") + names + ".",
                    "Replace it, take it out there, or remove it all the same.");
        }
        return new Change("remove " + target.name(), List.of(), List.of(media));
    }
}
