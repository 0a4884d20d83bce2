package venue.store.media;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.SequenceInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.text.SvgCleaner;
import venue.core.model.media.Earlier;
import venue.core.model.media.Media;

/** Files that come as they were kept elsewhere: held to what upload would have made of them, and kept byte for byte. */
public final class PackedFiles {

    private static final int HEAD = 4_096;
    private static final Pattern RENDITION = Pattern.compile(".*-([0-9]{1,5})\\.[a-z0-9]+");
    /** What hides nothing: sizes, tables, colours (PNG 1.2, 4; ITU-T T.81, B). */
    private static final Set<String> CHUNKS = Set.of("IHDR", "PLTE", "IDAT", "IEND", "tRNS", "sRGB", "gAMA", "pHYs");

    private PackedFiles() {}

    /** Refuses a file that is not what the item says, or not as upload would have kept it. */
    public static void check(Media media, String name, InputStream in, Hash sha256, long bytes) throws IOException {
        int looked = media.isPicture()
                ? MediaIntake.MOST_BYTES + 1
                : media.font() != null ? FontReader.MOST_BYTES + 1 : HEAD;
        byte[] head = in.readNBytes(looked);
        if (media.isPicture() && head.length > MediaIntake.MOST_BYTES) {
            throw wrong(media, "it is larger than a picture may be");
        }
        Measured all = Measured.of(new SequenceInputStream(new ByteArrayInputStream(head), in));
        if (!all.sha256().equals(sha256) || all.bytes() != bytes) {
            throw wrong(media, "its bytes are not those that were saved");
        }
        if (media.format().equals("svg")) {
            String svg = new String(head, StandardCharsets.UTF_8);
            requireClean(
                    media,
                    SvgCleaner.clean(svg).filter(d -> d.svg().equals(svg)).isPresent());
        } else if (media.isPicture()) {
            picture(media, name, head);
        } else if (media.font() != null && !media.font().equals(FontReader.read(media.name(), head))) {
            throw wrong(media, "it is another font than it says");
        } else {
            requireKnown(media, head, sha256);
        }
    }

    /** It is the file itself, or what it was before. */
    private static void requireKnown(Media media, byte[] head, Hash sha256) {
        Optional<String> format = media.file().equals(sha256)
                ? Optional.of(media.format())
                : media.earlier().stream()
                        .filter(e -> e.file().equals(sha256))
                        .map(Earlier::format)
                        .findFirst();
        if (format.isEmpty() || !FileSort.of("x." + format.get(), head).equals(format)) {
            throw wrong(media, "it is another file than it says");
        }
    }

    /** A file's hash and length. */
    private record Measured(Hash sha256, long bytes) {

        static Measured of(InputStream in) throws IOException {
            Hash.Stream counted = Hash.stream(in);
            long bytes = counted.transferTo(OutputStream.nullOutputStream());
            return new Measured(counted.hash(), bytes);
        }
    }

    private static void picture(Media media, String name, byte[] bytes) throws IOException {
        Matcher width = RENDITION.matcher(name);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            ImageReader reader = readers.hasNext() ? readers.next() : null;
            if (reader == null || !width.matches()) {
                throw wrong(media, "it is no picture");
            }
            reader.setInput(in);
            boolean asSaid =
                    reader.getFormatName().equalsIgnoreCase(media.format().equals("jpg") ? "jpeg" : "png")
                            && reader.getWidth(0) == Integer.parseInt(width.group(1))
                            && (long) reader.getWidth(0) * reader.getHeight(0) <= PictureReader.MOST_PIXELS;
            reader.dispose();
            if (!asSaid) {
                throw wrong(media, "it is another picture than it says");
            }
        }
        requireClean(media, media.format().equals("jpg") ? isPlainJpeg(bytes) : isPlainPng(bytes));
    }

    /** Only what upload's own encoder writes: no place where somebody was, and nothing behind the end. */
    private static boolean isPlainPng(byte[] bytes) {
        int at = 8;
        while (at + 12 <= bytes.length) {
            int length = number(bytes, at, 4);
            String type = new String(bytes, at + 4, 4, StandardCharsets.ISO_8859_1);
            if (length < 0 || !CHUNKS.contains(type)) {
                return false;
            }
            at += 12 + length;
            if (type.equals("IEND")) {
                return at == bytes.length;
            }
        }
        return false;
    }

    private static boolean isPlainJpeg(byte[] bytes) {
        int at = 2;
        while (at + 4 <= bytes.length && (bytes[at] & 0xff) == 0xff) {
            int marker = bytes[at + 1] & 0xff;
            boolean tells = marker > 0xe0 && marker <= 0xef && marker != 0xee || marker == 0xfe;
            if (tells) {
                return false;
            }
            if (marker == 0xda) {
                return (bytes[bytes.length - 2] & 0xff) == 0xff && (bytes[bytes.length - 1] & 0xff) == 0xd9;
            }
            at += 2 + number(bytes, at + 2, 2);
        }
        return false;
    }

    private static int number(byte[] bytes, int from, int length) {
        int number = 0;
        for (int i = from; i < from + length; i++) {
            number = number << 8 | bytes[i] & 0xff;
        }
        return number;
    }

    private static void requireClean(Media media, boolean clean) {
        if (!clean) {
            throw wrong(media, "it holds what upload would take away, such as a script or where a picture was taken");
        }
    }

    private static Refusal wrong(Media media, String why) {
        String name = media.name();
        return Refusal.badInput(
                "bad-file",
                "file",
                "The file “" + name.substring(0, Math.min(60, name.length())) + "” can't be taken in: " + why + ".",
                "Upload it by itself, or save the pack again where it comes from; nothing was taken in.");
    }

    /** Keeps a file that has been looked at. */
    public static void keep(MediaFiles files, String name, InputStream in) {
        files.put(name, in);
    }
}
