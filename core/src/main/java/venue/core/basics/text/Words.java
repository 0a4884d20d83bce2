package venue.core.basics.text;

import java.util.Locale;
import org.jsoup.Jsoup;

/** Plain words out of written text. */
public final class Words {

    private Words() {}

    /** The words of an HTML text, white space folded. */
    public static String of(String html) {
        if (html.indexOf('<') < 0 && html.indexOf('&') < 0) {
            return html.strip();
        }
        return Jsoup.parseBodyFragment(html).text().strip();
    }

    /** At most {@code most} characters (code points), cut at a word's end and marked with an ellipsis. */
    public static String shorten(String words, int most) {
        if (words.codePointCount(0, words.length()) <= most) {
            return words;
        }
        int end = words.offsetByCodePoints(0, most - 1);
        int space = words.lastIndexOf(' ', end);
        return words.substring(0, space > end / 2 ? space : end).stripTrailing() + "…";
    }

    /** A count with its noun: "1 page", "14 pages". */
    public static String count(long n, String one, String many) {
        return n + " " + (n == 1 ? one : many);
    }

    public static String count(long n, String one) {
        return count(n, one, one + "s");
    }

    /** The words with their first letter a capital. */
    public static String capital(String words) {
        int first = words.isEmpty() ? 0 : words.offsetByCodePoints(0, 1);
        return words.substring(0, first).toUpperCase(Locale.ROOT) + words.substring(first);
    }
}
