package venue.core.sort;

import java.util.Optional;
import java.util.Set;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.model.media.Media;

/** Pictures and other files. */
final class MediaSort extends Sort<Media> {

    /** The longest name and description, in characters. */
    private static final int MOST_WORDS = 1000;

    private static final int MOST_WIDTHS = 8;
    private static final Set<String> FORMATS =
            Set.of("jpg", "png", "svg", "mp4", "webm", "mp3", "ogg", "m4a", "wav", "pdf", "csv", "txt", "woff2");

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

    @Override
    Item checked(Media media, WholeCheck check) {
        boolean sound = isHash(media.file())
                && FORMATS.contains(media.format())
                && media.widths().size() <= MOST_WIDTHS
                && media.format().equals("woff2") == (media.font() != null)
                && media.isPicture() == !media.widths().isEmpty()
                && (media.earlier().isEmpty() || media.canKeepEarlier())
                && media.earlier().stream().allMatch(e -> isHash(e.file()) && FORMATS.contains(e.format()))
                && media.widths().stream().allMatch(w -> w > 0 && w <= media.width());
        if (!sound || media.cut() != null && !isHash(media.cut().file())) {
            throw WholeCheck.wrong(media, "its file is described in a way that none can be");
        }
        WholeCheck.words(media, media.alt(), MOST_WORDS);
        media.altIn().values().forEach(alt -> WholeCheck.words(media, alt, MOST_WORDS));
        return media;
    }

    private static boolean isHash(Hash file) {
        return file.text().matches("[0-9a-f]{64}");
    }

    @Override
    int longestName() {
        return MOST_WORDS;
    }

    @Override
    boolean isForEditors() {
        return true;
    }

    @Override
    Optional<Item> bare(Media media, Bare bare) {
        return Optional.empty();
    }

    /** The same file, cut in the same way. */
    @Override
    Optional<String> likeness(Media media) {
        return Optional.of(media.file().text() + media.cut());
    }
}
