package venue.store.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.model.media.Font;
import venue.core.model.media.Media;

/** Fonts made here table by table, packed as the format allows: in a Brotli stream that compresses nothing. */
class FontIntakeTest {

    @TempDir
    Path folder;

    private MediaIntake intake;

    @BeforeEach
    void open() {
        intake = new MediaIntake(new MediaFiles(folder));
    }

    private static byte[] style(int weight, boolean italic) {
        ByteBuffer table = ByteBuffer.allocate(78).putShort(4, (short) weight).putShort(62, (short) (italic ? 1 : 0));
        return table.put(30, (byte) 2).array();
    }

    private static byte[] names(String family, String licence) {
        byte[] one = family.getBytes(StandardCharsets.UTF_16BE);
        byte[] other = licence.getBytes(StandardCharsets.UTF_16BE);
        ByteBuffer table = ByteBuffer.allocate(6 + 24 + one.length + other.length);
        table.putShort((short) 0).putShort((short) 2).putShort((short) 30);
        for (int[] record : new int[][] {{1, one.length, 0}, {13, other.length, one.length}}) {
            table.putShort((short) 3)
                    .putShort((short) 1)
                    .putShort((short) 0x409)
                    .putShort((short) record[0]);
            table.putShort((short) record[1]).putShort((short) record[2]);
        }
        return table.put(one).put(other).array();
    }

    private static byte[] axes(int lightest, int heaviest) {
        ByteBuffer table = ByteBuffer.allocate(16 + 20).putShort(4, (short) 16).putShort(8, (short) 1);
        table.putShort(10, (short) 20).putInt(16, 0x77676874);
        return table.putShort(20, (short) lightest)
                .putShort(28, (short) heaviest)
                .array();
    }

    /** Tables by their number among the known ones. */
    private static byte[] font(Map<Integer, byte[]> tables) throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        ByteArrayOutputStream directory = new ByteArrayOutputStream();
        tables.forEach((number, table) -> {
            directory.write(number);
            directory.write(0x80 | table.length >> 7);
            directory.write(table.length & 127);
            all.writeBytes(table);
        });
        byte[] packed = stored(all.toByteArray());
        int length = 48 + directory.size() + packed.length;
        ByteBuffer file = ByteBuffer.allocate(length)
                .putInt(0x774F4632)
                .putInt(0x00010000)
                .putInt(length);
        file.putShort((short) tables.size())
                .putShort((short) 0)
                .putInt(all.size())
                .putInt(packed.length);
        return file.position(48).put(directory.toByteArray()).put(packed).array();
    }

    /** RFC 7932: a window of 16 bits, one block that is not compressed, then an empty last one. */
    private static byte[] stored(byte[] bytes) {
        int length = bytes.length - 1;
        int head = length << 4 | 1 << 20;
        ByteBuffer out = ByteBuffer.allocate(3 + bytes.length + 1);
        out.put((byte) head).put((byte) (head >> 8)).put((byte) (head >> 16));
        return out.put(bytes).put((byte) 3).array();
    }

    private static byte[] moor() throws IOException {
        Map<Integer, byte[]> tables = new LinkedHashMap<>();
        tables.put(5, names("Moor Text", "Anybody may use it on pages."));
        tables.put(6, style(400, true));
        tables.put(47, axes(200, 800));
        return font(tables);
    }

    @Test
    void aFontIsKeptAsItIsWithWhatItSaysOfItself() throws IOException {
        Media font = intake.take("f", "moor.woff2", moor());
        assertThat(font.font())
                .isEqualTo(new Font("Moor Text", true, 200, 800, "serif", "Anybody may use it on pages."));
        assertThat(font.sort()).isEqualTo(Media.Sort.FONT);
        assertThat(folder.resolve(font.path().substring(9))).hasBinaryContent(moor());
    }

    @Test
    void whatIsNoFontIsRefusedByName() throws IOException {
        byte[] whole = moor();
        refused(java.util.Arrays.copyOf(whole, whole.length - 9), "no-font");
        byte[] damaged = whole.clone();
        damaged[50] = 63;
        refused(damaged, "no-font");
        refused("wOF2 and then nothing".getBytes(StandardCharsets.UTF_8), "no-font");
        refused(new byte[] {0, 1, 0, 0, 0, 9, 0, 0, 0, 0, 0, 0, 0}, "font-of-another-format");
        refused("OTTO of old".getBytes(StandardCharsets.UTF_8), "font-of-another-format");
        byte[] large = java.util.Arrays.copyOf(whole, FontReader.MOST_BYTES + 1);
        refused(large, "file-too-large");
        refused(font(Map.of(6, style(400, false))), "no-font");
    }

    private void refused(byte[] bytes, String code) {
        assertThatThrownBy(() -> intake.take("f", "nice.woff2", bytes))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code))
                .hasMessageContaining("nice.woff2");
    }

    @Test
    void aPackedFontIsTheOneThatTheItemDescribes() throws IOException {
        byte[] bytes = moor();
        Media font = intake.take("f", "moor.woff2", bytes);
        PackedFiles.check(font, "x", new ByteArrayInputStream(bytes), Hash.over(bytes), bytes.length);
        Media other = font.withFont(new Font("Another", false, 400, 400, "serif", ""));
        assertThatThrownBy(() ->
                        PackedFiles.check(other, "x", new ByteArrayInputStream(bytes), Hash.over(bytes), bytes.length))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("another font");
    }
}
