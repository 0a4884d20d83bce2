package venue.store.media;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.brotli.dec.BrotliInputStream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;
import venue.core.model.media.Font;

/** Reads what a WOFF2 file (W3C Recommendation of 2024) says of itself; the tables are those of OpenType 1.9. */
final class FontReader {

    /** The most bytes a font may have, as it is sent to every visitor. */
    static final int MOST_BYTES = 2 * 1024 * 1024;

    private static final int HEADER = 48;
    private static final int MOST_UNPACKED = 30 * 1024 * 1024;
    private static final int COLLECTION = 0x74746366;
    private static final int LICENCE_LETTERS = 300;
    /** The tags that a table directory names by their number. */
    private static final List<String> KNOWN = List.of(
            ("cmap head hhea hmtx maxp name OS/2 post cvt_ fpgm glyf loca prep CFF_ VORG EBDT EBLC gasp hdmx kern LTSH PCLT VDMX "
                            + "vhea vmtx BASE GDEF GPOS GSUB EBSC JSTF MATH CBDT CBLC COLR CPAL SVG_ sbix acnt avar bdat bloc bsln cvar "
                            + "fdsc feat fmtx fvar gvar hsty just lcar mort morx opbd prop trak Zapf Silf Glat Gloc Feat Sill")
                    .split(" "));

    private static final int WEIGHT_AXIS = 0x77676874;
    private static final int FAMILY = 1;
    private static final int TYPOGRAPHIC_FAMILY = 16;
    private static final int LICENCE = 13;
    private static final int COPYRIGHT = 0;
    private static final int USUAL_WEIGHT = 400;

    private final Map<String, ByteBuffer> tables = new HashMap<>();

    private FontReader() {}

    /** Whether the bytes begin as such a file does. */
    static boolean isFont(byte[] bytes) {
        return bytes.length > 4 && new String(bytes, 0, 4, StandardCharsets.ISO_8859_1).equals("wOF2");
    }

    /** Whether they begin as fonts do that are not packed for the web, or packed as they were before. */
    private static boolean isOtherFont(byte[] bytes) {
        String head = bytes.length > 4 ? new String(bytes, 0, 4, StandardCharsets.ISO_8859_1) : "";
        return List.of("\0\1\0\0", "OTTO", "true", "wOFF", "ttcf").contains(head);
    }

    /** Refuses a font of another format than is kept. */
    static void requireNoOtherFont(String name, byte[] bytes) {
        if (isOtherFont(bytes)) {
            throw Refusal.badInput(
                    "font-of-another-format",
                    "file",
                    "“" + name + "” is a font, but no WOFF2 file.",
                    "Save it as WOFF2: it is the format that browsers read, and the smallest.");
        }
    }

    /** What the font says of itself; refused where it is none, or can't be read to its end. */
    static Font read(String name, byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw Refusal.badInput(
                    "file-too-large",
                    "file",
                    "The font “" + name + "” has " + bytes.length / 1024 + " KB; " + MOST_BYTES / 1024 + " fit.",
                    "Leave out the letters that the site doesn't use (a subset), and save it as WOFF2 again.");
        }
        try {
            FontReader reader = new FontReader();
            reader.unpack(ByteBuffer.wrap(bytes));
            return reader.font();
        } catch (IOException | RuntimeException e) {
            throw Refusal.badInput(
                    "no-font",
                    "file",
                    "“" + name + "” is no font that can be read: it breaks off, or is damaged.",
                    "Save it as WOFF2 again, one font to a file.");
        }
    }

    private void unpack(ByteBuffer file) throws IOException {
        int flavour = file.getInt(4);
        int count = Short.toUnsignedInt(file.getShort(12));
        if (flavour == COLLECTION || file.getInt(8) != file.capacity() || count == 0) {
            throw new IOException("not one whole font");
        }
        int packed = file.getInt(20);
        file.position(HEADER);
        String[] tags = new String[count];
        long[] lengths = new long[count];
        long all = 0;
        for (int i = 0; i < count; i++) {
            int flags = Byte.toUnsignedInt(file.get());
            tags[i] = (flags & 63) == 63 ? tag(file) : KNOWN.get(flags & 63).replace('_', ' ');
            long whole = number(file);
            boolean shapes = tags[i].equals("glyf") || tags[i].equals("loca");
            boolean changed = shapes ? flags >> 6 != 3 : flags >> 6 != 0;
            lengths[i] = changed ? number(file) : whole;
            all += lengths[i];
        }
        if (all > MOST_UNPACKED || packed <= 0 || packed > file.remaining()) {
            throw new IOException("more than a font");
        }
        byte[] unpacked = new BrotliInputStream(new ByteArrayInputStream(file.array(), file.position(), packed))
                .readNBytes((int) all);
        if (unpacked.length != all) {
            throw new IOException("breaks off");
        }
        int at = 0;
        for (int i = 0; i < count; i++) {
            tables.put(tags[i], ByteBuffer.wrap(unpacked, at, (int) lengths[i]).slice());
            at += (int) lengths[i];
        }
    }

    private static String tag(ByteBuffer file) {
        byte[] four = new byte[4];
        file.get(four);
        return new String(four, StandardCharsets.ISO_8859_1);
    }

    /** A number in base 128, as the format has them. */
    private static long number(ByteBuffer file) throws IOException {
        long number = 0;
        for (int i = 0; i < 5; i++) {
            int next = Byte.toUnsignedInt(file.get());
            number = number << 7 | next & 127;
            if (next < 128) {
                return number;
            }
        }
        throw new IOException("no number");
    }

    private Font font() throws IOException {
        ByteBuffer style = table("OS/2");
        int weight = Math.max(1, Math.min(1000, Short.toUnsignedInt(style.getShort(4))));
        int[] weights = weights().orElse(new int[] {weight, weight});
        String family = name(TYPOGRAPHIC_FAMILY).or(() -> name(FAMILY)).orElseThrow(() -> new IOException("no name"));
        String licence = name(LICENCE).or(() -> name(COPYRIGHT)).orElse("");
        return new Font(
                family,
                (style.getShort(62) & 1) == 1,
                weights[0],
                weights[1],
                generic(style),
                Words.shorten(licence, LICENCE_LETTERS));
    }

    private ByteBuffer table(String tag) throws IOException {
        ByteBuffer table = tables.get(tag);
        if (table == null) {
            throw new IOException("without " + tag);
        }
        return table;
    }

    /** By its family class (sFamilyClass), else by PANOSE. */
    private static String generic(ByteBuffer style) {
        int kind = style.get(30);
        boolean evenlySpaced = style.get(32) == 2 && style.get(35) == 9;
        boolean serif =
                kind >= 1 && kind <= 7 && kind != 6 || style.get(32) == 2 && style.get(33) >= 2 && style.get(33) <= 10;
        return evenlySpaced ? "monospace" : serif ? "serif" : "sans-serif";
    }

    /** From the lightest to the heaviest, where it has an axis of weights. */
    private Optional<int[]> weights() {
        ByteBuffer axes = tables.get("fvar");
        if (axes == null) {
            return Optional.empty();
        }
        int first = Short.toUnsignedInt(axes.getShort(4));
        int count = Short.toUnsignedInt(axes.getShort(8));
        int size = Short.toUnsignedInt(axes.getShort(10));
        for (int i = 0; i < count; i++) {
            int at = first + i * size;
            if (axes.getInt(at) == WEIGHT_AXIS) {
                return Optional.of(new int[] {axes.getShort(at + 4), axes.getShort(at + 12)});
            }
        }
        return Optional.of(new int[] {USUAL_WEIGHT, USUAL_WEIGHT});
    }

    /** A name of the font, in English where it says it in several languages. */
    private Optional<String> name(int wanted) {
        ByteBuffer names = tables.get("name");
        if (names == null) {
            return Optional.empty();
        }
        int count = Short.toUnsignedInt(names.getShort(2));
        int text = Short.toUnsignedInt(names.getShort(4));
        String found = null;
        for (int i = 0; i < count; i++) {
            int at = 6 + 12 * i;
            boolean windows = names.getShort(at) == 3;
            if (names.getShort(at + 6) == wanted && (windows || found == null)) {
                byte[] letters = new byte[Short.toUnsignedInt(names.getShort(at + 8))];
                names.get(text + Short.toUnsignedInt(names.getShort(at + 10)), letters);
                boolean english = names.getShort(at + 4) == 0x409;
                if (found == null || windows && english) {
                    found = new String(
                            letters, names.getShort(at) == 1 ? StandardCharsets.ISO_8859_1 : StandardCharsets.UTF_16BE);
                }
            }
        }
        return Optional.ofNullable(found).map(String::strip).filter(f -> !f.isEmpty());
    }
}
