package venue.store.media;

import java.nio.ByteBuffer;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/** Unpacks a font as the web has it (WOFF 1.0) into what a drawing program reads (sfnt). */
final class Woff {

    private static final int SIGNATURE = 0x774F4646;
    private static final int HEAD = 44;
    private static final int ENTRY = 20;
    private static final int SFNT_HEAD = 12;
    private static final int SFNT_ENTRY = 16;

    private Woff() {}

    static byte[] sfnt(byte[] woff) throws DataFormatException {
        ByteBuffer in = ByteBuffer.wrap(woff);
        if (woff.length < HEAD || in.getInt(0) != SIGNATURE) {
            throw new DataFormatException("no WOFF");
        }
        int tables = in.getShort(12);
        int power = Integer.highestOneBit(tables);
        int at = SFNT_HEAD + tables * SFNT_ENTRY;
        ByteBuffer out = ByteBuffer.allocate(in.getInt(16) + at);
        out.putInt(in.getInt(4)).putShort((short) tables).putShort((short) (power * SFNT_ENTRY));
        out.putShort((short) Integer.numberOfTrailingZeros(power)).putShort((short) ((tables - power) * SFNT_ENTRY));
        for (int i = 0; i < tables; i++) {
            int from = HEAD + i * ENTRY;
            int length = in.getInt(from + 12);
            out.putInt(in.getInt(from)).putInt(in.getInt(from + 16)).putInt(at).putInt(length);
            out.put(at, table(woff, in.getInt(from + 4), in.getInt(from + 8), length));
            at += (length + 3) & ~3;
        }
        return java.util.Arrays.copyOf(out.array(), at);
    }

    private static byte[] table(byte[] woff, int from, int packed, int length) throws DataFormatException {
        byte[] table = new byte[length];
        if (packed == length) {
            System.arraycopy(woff, from, table, 0, length);
            return table;
        }
        Inflater inflater = new Inflater();
        inflater.setInput(woff, from, packed);
        int read = inflater.inflate(table);
        inflater.end();
        if (read != length) {
            throw new DataFormatException("a table is shorter than it says");
        }
        return table;
    }
}
