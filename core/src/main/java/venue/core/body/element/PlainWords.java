package venue.core.body.element;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import venue.core.basics.html.HtmlWriter;

/** Writes what strangers typed: paragraphs, lines, and addresses that lead on, of which search engines are told that they are not ours. */
final class PlainWords {

    private static final Pattern ADDRESS = Pattern.compile("https?://[^\\s<>\"'{}|\\\\^`]{1,1500}");
    private static final String AFTER = ".,;:!?)]*_~…»”’";

    private PlainWords() {}

    static void write(String words, HtmlWriter out) {
        out.start("div", "words").attr("dir", "auto");
        for (String paragraph : words.strip().split("\\n\\s*\\n")) {
            out.start("p").attr("dir", "auto");
            String[] lines = paragraph.strip().split("\\n");
            for (int i = 0; i < lines.length; i++) {
                if (i > 0) {
                    out.empty("br");
                }
                line(lines[i], out);
            }
            out.end();
        }
        out.end();
    }

    private static void line(String words, HtmlWriter out) {
        Matcher found = ADDRESS.matcher(words);
        int from = 0;
        while (found.find()) {
            int end = found.end();
            while (end > found.start() && AFTER.indexOf(words.charAt(end - 1)) >= 0) {
                end--;
            }
            out.text(words.substring(from, found.start()));
            String address = words.substring(found.start(), end);
            out.start("a").attr("href", address).attr("rel", "ugc nofollow noopener");
            out.text(address).end();
            from = end;
        }
        out.text(words.substring(from));
    }
}
