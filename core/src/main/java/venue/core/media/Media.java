package venue.core.media;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.item.Item;

/**
 * A picture of the site.
 *
 * @param file the hash of its bytes, 64 hexadecimal digits
 * @param format {@code jpg} or {@code png}
 * @param width in pixels, after its orientation is applied
 * @param widths the widths, in pixels and ascending, in which it can be had; the last is the whole picture
 * @param alt what it shows, for those who don't see it; absent when nobody has said yet
 * @param decorative it says nothing that the words don't, and is passed over by screen readers
 * @param focalX the point that stays in sight when it is cropped, in percent from the left
 * @param focalY the same, from the top
 */
public record Media(
        String id,
        String name,
        String file,
        String format,
        int width,
        int height,
        List<Integer> widths,
        @Nullable String alt,
        boolean decorative,
        int focalX,
        int focalY)
        implements Item {

    public Media {
        widths = List.copyOf(widths);
    }

    /** Where a rendition is served on the site. */
    public String path(int renditionWidth) {
        return "/-/media/" + file.substring(0, 20) + "-" + renditionWidth + "." + format;
    }

    /** The height of a rendition, in pixels. */
    public int heightAt(int renditionWidth) {
        return Math.max(1, Math.round((float) height * renditionWidth / width));
    }

    public Media withAlt(@Nullable String words, boolean isDecorative) {
        return new Media(id, name, file, format, width, height, widths, words, isDecorative, focalX, focalY);
    }

    public Media withFocal(int x, int y) {
        return new Media(id, name, file, format, width, height, widths, alt, decorative, x, y);
    }
}
