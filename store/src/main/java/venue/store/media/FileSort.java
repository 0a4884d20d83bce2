package venue.store.media;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What a file is, by its bytes; its name decides only between kinds of plain text. */
final class FileSort {

    private static final int HEAD = 12;
    private static final int BRAND = 8;
    private static final Set<String> PICTURE_BRANDS =
            Set.of("heic", "heix", "heim", "heis", "mif1", "msf1", "avif", "avis");

    private FileSort() {}

    /** The ending under which the file is kept; empty when it is none that sites may hold. */
    static Optional<String> of(String name, byte[] bytes) {
        String head = new String(bytes, 0, Math.min(HEAD, bytes.length), StandardCharsets.ISO_8859_1);
        if (head.startsWith("%PDF-")) {
            return Optional.of("pdf");
        }
        if (FontReader.isFont(bytes)) {
            return Optional.of("woff2");
        }
        if (head.startsWith("ftyp", 4)) {
            return framed(head.substring(BRAND));
        }
        if (head.startsWith("\u001aEß£")) {
            return Optional.of("webm");
        }
        if (head.startsWith("ID3")
                || (head.length() > 1 && head.charAt(0) == 0xff && (head.charAt(1) & 0xe6) == 0xe2)) {
            return Optional.of("mp3");
        }
        if (head.startsWith("OggS")) {
            return Optional.of("ogg");
        }
        if (head.startsWith("RIFF") && head.startsWith("WAVE", 8)) {
            return Optional.of("wav");
        }
        return text(name.toLowerCase(Locale.ROOT), bytes);
    }

    /** What stands in an ISO base media file, by its brand; some pictures come in such files too, and can't be read here. */
    private static Optional<String> framed(String brand) {
        if (PICTURE_BRANDS.contains(brand)) {
            return Optional.empty();
        }
        return Optional.of(brand.startsWith("M4A") ? "m4a" : "mp4");
    }

    private static Optional<String> text(String name, byte[] bytes) {
        String ending =
                name.endsWith(".csv") ? "csv" : name.endsWith(".txt") ? "txt" : name.endsWith(".svg") ? "svg" : "";
        return ending.isEmpty() || !isText(bytes) ? Optional.empty() : Optional.of(ending);
    }

    private static boolean isText(byte[] bytes) {
        try {
            return StandardCharsets.UTF_8
                            .newDecoder()
                            .decode(ByteBuffer.wrap(bytes))
                            .toString()
                            .indexOf('\0')
                    < 0;
        } catch (CharacterCodingException e) {
            return false;
        }
    }
}
