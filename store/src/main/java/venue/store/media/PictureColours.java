package venue.store.media;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import net.coobird.thumbnailator.Thumbnails;
import venue.core.model.media.Media;
import venue.core.model.theme.Colour;
import venue.core.model.theme.Seeds;

/** Finds the colours by which a picture of the site is known. */
public final class PictureColours {

    private static final int SIDE = 64;
    private static final int OPAQUE = 0xff000000;
    private static final int HEX = 16;
    private static final Pattern WRITTEN = Pattern.compile("#([0-9A-Fa-f]{6}|[0-9A-Fa-f]{3})\\b");

    private final MediaFiles files;

    public PictureColours(MediaFiles files) {
        this.files = files;
    }

    /** The strongest, then perhaps another; none where the file is not there, or nothing is seen in it. */
    public List<Colour> of(Media picture) {
        String path = picture.path(picture.widths().get(0));
        return files.find(path.substring(path.lastIndexOf('/') + 1))
                .map(bytes -> Seeds.of(picture.format().equals("svg") ? written(bytes) : pixels(bytes)))
                .orElse(List.of());
    }

    /** A drawing's colours as they are written in it. */
    private static int[] written(byte[] svg) {
        return WRITTEN.matcher(new String(svg, StandardCharsets.UTF_8))
                .results()
                .map(r -> r.group(1))
                .map(h -> h.length() == 3 ? h.replaceAll("(.)", "$1$1") : h)
                .mapToInt(h -> OPAQUE | Integer.parseInt(h, HEX))
                .toArray();
    }

    private static int[] pixels(byte[] bytes) {
        try {
            BufferedImage small = Thumbnails.of(ImageIO.read(new ByteArrayInputStream(bytes)))
                    .size(SIDE, SIDE)
                    .imageType(BufferedImage.TYPE_INT_ARGB)
                    .asBufferedImage();
            return small.getRGB(0, 0, small.getWidth(), small.getHeight(), null, 0, small.getWidth());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
