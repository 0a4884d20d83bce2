package venue.core.body.search;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import venue.core.basics.text.Letters;

/**
 * What somebody looks for, as they typed it: words, all of which a page must have, the last one begun perhaps; and phrases in quotation marks.
 *
 * @param phrases each a word or several that follow one another, folded
 * @param begun whether the last of them may go on
 */
public record Sought(List<String> phrases, boolean begun) {

    private static final int LONGEST = 200;
    private static final int MOST = 12;
    private static final Pattern PART = Pattern.compile("[\"“„”«»]([^\"“„”«»]*)[\"“„”«»]|[\\p{L}\\p{N}\\p{M}]+");

    public Sought {
        phrases = List.copyOf(phrases);
    }

    public static Sought of(String typed) {
        String words = typed.codePointCount(0, typed.length()) > LONGEST
                ? typed.substring(0, typed.offsetByCodePoints(0, LONGEST))
                : typed;
        List<String> phrases = new ArrayList<>();
        boolean begun = false;
        Matcher part = PART.matcher(Letters.clean(words));
        while (part.find() && phrases.size() < MOST) {
            String quoted = part.group(1);
            String said = plain(quoted == null ? part.group() : quoted);
            if (!said.isEmpty()) {
                phrases.add(said);
                begun = quoted == null;
            }
        }
        return new Sought(phrases, begun);
    }

    private static String plain(String words) {
        return Letters.folded(words).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }

    public boolean isNothing() {
        return phrases.isEmpty();
    }

    /** As SQLite's FTS5 reads it: every phrase in quotation marks, so that nothing in it is taken for its own syntax. */
    public String match() {
        List<String> quoted = phrases.stream().map(p -> "\"" + p + "\"").toList();
        return String.join(" ", quoted) + (begun ? "*" : "");
    }
}
