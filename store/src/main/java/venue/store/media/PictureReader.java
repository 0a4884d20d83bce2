package venue.store.media;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;

/**
 * Reads pictures at the size in which they will be kept, upright: of a larger one every second or third pixel is read, so
 * that memory is bounded by what is kept and not by what is sent.
 */
final class PictureReader {

    static final long MOST_PIXELS = 50_000_000;
    private static final int LONGEST_SIDE = 30_000;
    private static final double MOST_READ = 16_000_000;

    /** A picture in memory; {@code maybeAlpha} where its format can be see-through. */
    record Picture(BufferedImage image, boolean maybeAlpha) {}

    private PictureReader() {}

    /** The picture; refused where it is none, or has more pixels than fit. */
    static Picture read(String name, byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw noPicture(name);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, false);
                return read(name, reader);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException | NegativeArraySizeException e) {
            throw noPicture(name);
        }
    }

    private static Picture read(String name, ImageReader reader) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        requireSize(name, width, height);
        int step = (int) Math.ceil(Math.sqrt((double) width * height / MOST_READ));
        ImageReadParam param = reader.getDefaultReadParam();
        param.setSourceSubsampling(Math.min(step, width), Math.min(step, height), 0, 0);
        BufferedImage image = reader.read(0, param);
        boolean jpeg = reader.getFormatName().equalsIgnoreCase("jpeg");
        return new Picture(jpeg ? upright(image, ExifUtils.getExifOrientation(reader, 0)) : image, !jpeg);
    }

    private static BufferedImage upright(BufferedImage image, @Nullable Orientation turned) {
        return turned == null || turned == Orientation.TOP_LEFT
                ? image
                : ExifFilterUtils.getFilterForOrientation(turned).apply(image);
    }

    private static void requireSize(String name, long width, long height) {
        if (width * height > MOST_PIXELS || Math.max(width, height) > LONGEST_SIDE) {
            throw Refusal.badInput(
                    "picture-too-large",
                    "file",
                    "“" + name + "” is " + width + " × " + height + " pixels; 50 million fit, and " + LONGEST_SIDE
                            + " on a side.",
                    "Save it smaller, for example 2400 pixels wide.");
        }
    }

    static Refusal noPicture(String name) {
        return Refusal.badInput(
                "not-a-picture",
                "file",
                "“" + name + "” is no file that can be kept.",
                "Give a JPEG, PNG, GIF or SVG picture, a PDF, an mp4 or webm film, an mp3, m4a, ogg or wav sound, or a WOFF2 font.");
    }
}
