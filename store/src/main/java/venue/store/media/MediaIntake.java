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
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntConsumer;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import net.coobird.thumbnailator.Thumbnails;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.text.SvgCleaner;
import venue.core.model.media.Cut;
import venue.core.model.media.Font;
import venue.core.model.media.Media;

/**
 * Takes files in, by their bytes and not their name. Films, sounds and documents are kept as they are; each picture is turned upright, encoded anew (so that
 * location and other hidden data are gone) and cut to widths for {@code srcset}.
 */
public final class MediaIntake {

    /** The most bytes a picture may have. */
    public static final int MOST_BYTES = 25 * 1024 * 1024;

    /** The most bytes a drawing may have. */
    public static final int MOST_DRAWING_BYTES = 5 * 1024 * 1024;

    /** The most bytes a film or a sound may have. */
    public static final long MOST_FILM_BYTES = 500L * 1024 * 1024;

    private static final int HEAD = 4_096;
    private static final long MEGABYTE = 1024 * 1024;
    private static final int ALL = 100;
    private static final int WIDEST = 2_400;
    private static final int[] WIDTHS = {480, 800, 1_200, 1_600};
    private static final float QUALITY = 0.78f;

    private final MediaFiles files;
    private final Turns turns = new Turns();

    public MediaIntake(MediaFiles files) {
        this.files = files;
    }

    /** Tells from now on how many files are being taken in, those that wait among them, whenever that changes. */
    public void onTurns(IntConsumer told) {
        turns.onChange(told);
    }

    /**
     * Takes in a file that lies on the disk, which is moved from there if it is kept. Films and sounds may be longer than
     * fits in memory; everything else is read.
     */
    public Media take(String id, String name, Path from) throws IOException {
        Optional<String> played = FileSort.of(name, head(from)).filter(f -> Media.isPlayed(f));
        if (played.isEmpty()) {
            requireBytes(name, Files.size(from), MOST_BYTES);
            return turns.take(() -> take(id, name, Files.readAllBytes(from)));
        }
        requireBytes(name, Files.size(from), MOST_FILM_BYTES);
        Media media = Media.file(id, name, Hash.over(from), played.get(), Files.size(from));
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

    /** What would be taken out of a drawing, such as a script; nothing where the file is none. */
    public static List<String> takenOut(String name, Path from) throws IOException {
        boolean drawing = name.toLowerCase(Locale.ROOT).endsWith(".svg") && Files.size(from) <= MOST_DRAWING_BYTES;
        return drawing
                ? SvgCleaner.clean(new String(Files.readAllBytes(from), StandardCharsets.UTF_8))
                        .map(SvgCleaner.Drawing::takenOut)
                        .orElse(List.of())
                : List.of();
    }

    /** Keeps the picture's renditions and gives the item that stands for it. */
    public Media take(String id, String name, byte[] bytes) {
        requireBytes(name, bytes.length, MOST_BYTES);
        Optional<String> sort = FileSort.of(name, bytes);
        if (sort.isPresent()) {
            return switch (sort.get()) {
                case "svg" -> drawing(id, name, bytes);
                case "woff2" -> font(id, name, bytes);
                default -> file(id, name, bytes, sort.get());
            };
        }
        FontReader.requireNoOtherFont(name, bytes);
        return picture(id, name, bytes);
    }

    private Media file(String id, String name, byte[] bytes, String format) {
        Media media = Media.file(id, name, Hash.over(bytes), format, bytes.length);
        files.put(fileName(media.path()), bytes);
        return media;
    }

    private Media font(String id, String name, byte[] bytes) {
        Font font = FontReader.read(name, bytes);
        return file(id, name, bytes, "woff2").withFont(font);
    }

    private Media drawing(String id, String name, byte[] bytes) {
        requireBytes(name, bytes.length, MOST_DRAWING_BYTES);
        SvgCleaner.Drawing drawing = SvgCleaner.clean(new String(bytes, StandardCharsets.UTF_8))
                .orElseThrow(() -> PictureReader.noPicture(name));
        Media media = Media.picture(
                        id, name, Hash.over(bytes), "svg", drawing.width(), drawing.height(), List.of(drawing.width()))
                .withWeight(bytes.length, List.of());
        files.put(fileName(media.path()), drawing.svg().getBytes(StandardCharsets.UTF_8));
        return media;
    }

    private Media picture(String id, String name, byte[] bytes) {
        PictureReader.Picture read = PictureReader.read(name, bytes);
        BufferedImage image = read.image();
        String format = read.maybeAlpha() && image.getColorModel().hasAlpha() ? "png" : "jpg";
        try {
            return renditions(id, name, Hash.over(bytes), format, image, bytes.length);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Each width is made from the next wider one, so that the picture as it came is gone through once. */
    private Media renditions(String id, String name, Hash hash, String format, BufferedImage image, long weight)
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
        BufferedImage wider = image;
        for (int i = widths.size() - 1; i >= 0; i--) {
            int width = widths.get(i);
            wider = narrowed(wider, width, media.heightAt(width), format);
            files.put(fileName(media.path(width)), encode(wider, format));
        }
        return media.withWeight(weight, Shades.of(wider));
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
            return turns.take(() -> cut(media, cut, whole, bytes));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Media cut(Media media, Cut cut, Media whole, byte[] bytes) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
        if (cut.isWhole()) {
            return whole.withWeight(media.bytes(), Shades.of(image));
        }
        BufferedImage part = part(image, cut);
        String where = cut.left() + "," + cut.top() + "," + cut.wide() + "," + cut.high();
        Hash hash = Hash.over((cut.file() + where).getBytes(StandardCharsets.UTF_8));
        return renditions(media.id(), media.name(), hash, media.format(), part, media.bytes())
                .withCut(cut);
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

    private static BufferedImage narrowed(BufferedImage image, int width, int height, String format)
            throws IOException {
        int type = format.equals("jpg") ? BufferedImage.TYPE_INT_RGB : BufferedImage.TYPE_INT_ARGB;
        return Thumbnails.of(image).forceSize(width, height).imageType(type).asBufferedImage();
    }

    private static ImageWriteParam how(ImageWriter writer, String format) {
        ImageWriteParam param = writer.getDefaultWriteParam();
        if (format.equals("jpg")) {
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
        }
        return param;
    }

    private static byte[] encode(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName(format).next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how(writer, format));
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
