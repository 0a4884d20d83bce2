package venue.core.sort;

import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.model.media.Media;

/** Pictures and other files. */
final class MediaSort extends Sort<Media> {

    MediaSort() {
        super(Media.class);
    }

    @Override
    Optional<Item> anew(Media media, String id, Walk walk) {
        return Optional.of(media.withId(id));
    }

    @Override
    Optional<Item> called(Media media, String name) {
        return Optional.of(media.withPlace(name, media.folder()));
    }
}
