package venue.store.media;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import venue.core.fault.Refusal;
import venue.core.item.Hash;
import venue.core.media.Media;
import venue.core.text.SvgCleaner;

/**
 * Takes files in, by their bytes and not their name. Films, sounds and documents are kept as they are; each picture is turned upright, encoded anew (so that
 * location and other hidden data are gone) and cut to widths for {@code srcset}.
 */
public final class MediaIntake {

    /** The most bytes a picture may have. */
    public static final int MOST_BYTES = 25 * 1024 * 1024;

    /** The most pixels a picture may have. */
    public static final long MOST_PIXELS = 50_000_000;

    private static final int WIDEST = 2_400;
    private static final int[] WIDTHS = {480, 960, 1_600};
    private static final double QUALITY = 0.82;

    private final MediaFiles files;

    public MediaIntake(MediaFiles files) {
        this.files = files;
    }

    /** Keeps the picture's renditions and gives the item that stands for it. */
    public Media take(String id, String name, byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw Refusal.badInput(
                    "picture-too-large",
                    "file",
                    "“" + name + "” has " + bytes.length / (1024 * 1024) + " MB; 25 fit.",
                    "Save it smaller, for example 2400 pixels wide.");
        }
        Optional<String> sort = FileSort.of(name, bytes);
        if (sort.isPresent()) {
            return sort.get().equals("svg") ? drawing(id, name, bytes) : file(id, name, bytes, sort.get());
        }
        boolean alpha = inspect(name, bytes);
        try {
            return keep(id, name, bytes, alpha);
        } catch (IOException | IllegalArgumentException e) {
            throw noPicture(name);
        }
    }

    private Media file(String id, String name, byte[] bytes, String format) {
        Media media = Media.file(id, name, Hash.of(bytes), format, bytes.length);
        files.put(fileName(media.path()), bytes);
        return media;
    }

    private Media drawing(String id, String name, byte[] bytes) {
        SvgCleaner.Drawing drawing =
                SvgCleaner.clean(new String(bytes, StandardCharsets.UTF_8)).orElseThrow(() -> noPicture(name));
        Media media = Media.picture(
                        id, name, Hash.of(bytes), "svg", drawing.width(), drawing.height(), List.of(drawing.width()))
                .withWeight(bytes.length, List.of());
        files.put(fileName(media.path()), drawing.svg().getBytes(StandardCharsets.UTF_8));
        return media;
    }

    /** Reads the head of the file alone: what it is, how large, whether it is see-through. */
    private static boolean inspect(String name, byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw noPicture(name);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                requireSize(name, reader.getWidth(0), reader.getHeight(0));
                return !reader.getFormatName().equalsIgnoreCase("jpeg");
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException e) {
            throw noPicture(name);
        }
    }

    private static void requireSize(String name, long width, long height) {
        if (width * height > MOST_PIXELS) {
            throw Refusal.badInput(
                    "picture-too-large",
                    "file",
                    "“" + name + "” is " + width + " × " + height + " pixels; 50 million fit.",
                    "Save it smaller, for example 2400 pixels wide.");
        }
    }

    private static Refusal noPicture(String name) {
        return Refusal.badInput(
                "not-a-picture",
                "file",
                "“" + name + "” is no file that can be kept.",
                "Give a JPEG, PNG, GIF or SVG picture, a PDF, an mp4 or webm film, or an mp3, m4a, ogg or wav sound.");
    }

    private Media keep(String id, String name, byte[] bytes, boolean maybeAlpha) throws IOException {
        BufferedImage image =
                Thumbnails.of(new ByteArrayInputStream(bytes)).scale(1).asBufferedImage();
        String format = maybeAlpha && image.getColorModel().hasAlpha() ? "png" : "jpg";
        int whole = Math.min(WIDEST, image.getWidth());
        int height = Math.max(1, Math.round((float) image.getHeight() * whole / image.getWidth()));
        List<Integer> widths = new ArrayList<>();
        for (int width : WIDTHS) {
            if (width < whole) {
                widths.add(width);
            }
        }
        widths.add(whole);
        Media media = Media.picture(id, name, Hash.of(bytes), format, whole, height, widths)
                .withWeight(bytes.length, Shades.of(image));
        for (int width : widths) {
            files.put(fileName(media.path(width)), encode(image, width, media.heightAt(width), format));
        }
        return media;
    }

    private static String fileName(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    private static byte[] encode(BufferedImage image, int width, int height, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int type = format.equals("jpg") ? BufferedImage.TYPE_INT_RGB : BufferedImage.TYPE_INT_ARGB;
        Thumbnails.of(image)
                .forceSize(width, height)
                .imageType(type)
                .outputFormat(format)
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }
}
