package venue.core.body.form;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What a file is, by its first bytes; between those that begin alike its name decides. */
public final class FileSigns {

    /** How many bytes tell. */
    public static final int BYTES = 16;

    static final List<String> PICTURES = List.of("jpg", "png", "webp", "gif");
    static final List<String> DOCUMENTS = List.of("pdf", "odt", "docx", "txt");

    private static final Map<String, String> BEGINS =
            Map.of("ÿØÿ", "jpg", "\u0089PNG\r\n\u001a\n", "png", "GIF8", "gif", "%PDF-", "pdf");

    private FileSigns() {}

    /** Its ending; empty for what is none of these. */
    public static String ending(String name, byte[] head) {
        String begins = new String(head, 0, Math.min(BYTES, head.length), StandardCharsets.ISO_8859_1);
        String named = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        for (Map.Entry<String, String> sign : BEGINS.entrySet()) {
            if (begins.startsWith(sign.getKey())) {
                return sign.getValue();
            }
        }
        if (begins.startsWith("RIFF") && begins.startsWith("WEBP", 8)) {
            return "webp";
        }
        if (begins.startsWith("PK\u0003\u0004")) {
            return named.equals("odt") || named.equals("docx") ? named : "";
        }
        return named.equals("txt") && begins.indexOf('\0') < 0 ? named : "";
    }
}
