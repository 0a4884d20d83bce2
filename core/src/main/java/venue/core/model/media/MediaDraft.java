package venue.core.model.media;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;

/** A file of the site while it becomes another. */
final class MediaDraft {

    String id;
    String name;
    Hash file;
    String format;
    String folder;
    long bytes;
    int width;
    int height;
    List<Integer> widths;

    @Nullable
    String alt;

    Map<String, String> altIn;
    boolean decorative;
    int focalX;
    int focalY;
    List<String> shades;

    @Nullable
    Cut cut;

    @Nullable
    Font font;

    String since;
    List<Earlier> earlier;

    MediaDraft(Media media) {
        id = media.id();
        name = media.name();
        file = media.file();
        format = media.format();
        folder = media.folder();
        bytes = media.bytes();
        width = media.width();
        height = media.height();
        widths = media.widths();
        alt = media.alt();
        altIn = media.altIn();
        decorative = media.decorative();
        focalX = media.focalX();
        focalY = media.focalY();
        shades = media.shades();
        cut = media.cut();
        font = media.font();
        since = media.since();
        earlier = media.earlier();
    }

    Media made() {
        return new Media(
                id,
                name,
                file,
                format,
                folder,
                bytes,
                width,
                height,
                widths,
                alt,
                altIn,
                decorative,
                focalX,
                focalY,
                shades,
                cut,
                font,
                since,
                earlier);
    }
}
