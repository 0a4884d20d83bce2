package venue.store.media;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
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
import venue.core.media.Cut;
import venue.core.media.Media;
import venue.core.text.SvgCleaner;

/**
 * Takes files in, by their bytes and not their name. Films, sounds and documents are kept as they are; each picture is turned upright, encoded anew (so that
 * location and other hidden data are gone) and cut to widths for {@code srcset}.
 */
public final class MediaIntake {

    /** The most bytes a picture may have. */
    public static final int MOST_BYTES = 25 * 1024 * 1024;

    /** The most bytes a film or a sound may have. */
    public static final long MOST_FILM_BYTES = 500L * 1024 * 1024;

    /** The most pixels a picture may have. */
    public static final long MOST_PIXELS = 50_000_000;

    private static final int HEAD = 4_096;
    private static final long MEGABYTE = 1024 * 1024;
    private static final int ALL = 100;
    private static final int WIDEST = 2_400;
    private static final int[] WIDTHS = {480, 960, 1_600};
    private static final double QUALITY = 0.82;

    private final MediaFiles files;

    public MediaIntake(MediaFiles files) {
        this.files = files;
    }

    /**
     * Takes in a file that lies on the disk, which is moved from there if it is kept. Films and sounds may be longer than
     * fits in memory; everything else is read.
     */
    public Media take(String id, String name, Path from) throws IOException {
        Optional<String> played = FileSort.of(name, head(from)).filter(f -> Media.isPlayed(f));
        if (played.isEmpty()) {
            requireBytes(name, Files.size(from), MOST_BYTES);
            return take(id, name, Files.readAllBytes(from));
        }
        requireBytes(name, Files.size(from), MOST_FILM_BYTES);
        Media media = Media.file(id, name, Hash.of(from), played.get(), Files.size(from));
        files.take(fileName(media.path()), from);
        return media;
    }

    private static byte[] head(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(HEAD);
        }
    }

    private static void requireBytes(String name, long bytes, long most) {
        if (bytes > most) {
            throw Refusal.badInput(
                    "file-too-large",
                    "file",
                    "“" + name + "” has " + bytes / MEGABYTE + " MB; " + most / MEGABYTE + " fit.",
                    most == MOST_BYTES
                            ? "Save it smaller; a picture, for example, 2400 pixels wide."
                            : "Save it shorter or in a lower quality.");
        }
    }

    /** Keeps the picture's renditions and gives the item that stands for it. */
    public Media take(String id, String name, byte[] bytes) {
        requireBytes(name, bytes.length, MOST_BYTES);
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
        return renditions(id, name, Hash.of(bytes), format, image).withWeight(bytes.length, Shades.of(image));
    }

    private Media renditions(String id, String name, String hash, String format, BufferedImage image)
            throws IOException {
        int whole = Math.min(WIDEST, image.getWidth());
        int height = Math.max(1, Math.round((float) image.getHeight() * whole / image.getWidth()));
        List<Integer> widths = new ArrayList<>();
        for (int width : WIDTHS) {
            if (width < whole) {
                widths.add(width);
            }
        }
        widths.add(whole);
        Media media = Media.picture(id, name, hash, format, whole, height, widths);
        for (int width : widths) {
            files.put(fileName(media.path(width)), encode(image, width, media.heightAt(width), format));
        }
        return media;
    }

    /** The picture with only a part of it shown; the whole stays, so that another part can be shown later. */
    public Media cut(Media media, int left, int top, int wide, int high) {
        Cut cut = Cut.of(media, left, top, wide, high);
        Media whole = Media.picture(
                media.id(), media.name(), cut.file(), media.format(), cut.width(), cut.height(), cut.widths());
        byte[] bytes = files.find(fileName(whole.path()))
                .filter(b -> !media.format().equals("svg"))
                .orElseThrow(() -> Refusal.badInput(
                        "can-not-be-cut",
                        "media",
                        "“" + media.name() + "” is a drawing; only photographs can be cut.",
                        "Choose its shape where it stands, and set its focal point."));
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
            if (cut.isWhole()) {
                return whole.withWeight(media.bytes(), Shades.of(image));
            }
            BufferedImage part = part(image, cut);
            String hash =
                    Hash.of((cut.file() + left + "," + top + "," + wide + "," + high).getBytes(StandardCharsets.UTF_8));
            return renditions(media.id(), media.name(), hash, media.format(), part)
                    .withWeight(media.bytes(), Shades.of(part))
                    .withCut(cut);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static BufferedImage part(BufferedImage image, Cut cut) {
        int x = image.getWidth() * cut.left() / ALL;
        int y = image.getHeight() * cut.top() / ALL;
        int width = Math.min(image.getWidth() - x, Math.max(1, image.getWidth() * cut.wide() / ALL));
        int height = Math.min(image.getHeight() - y, Math.max(1, image.getHeight() * cut.high() / ALL));
        return image.getSubimage(x, y, width, height);
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
