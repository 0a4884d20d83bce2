package venue.core.basics.text;

import java.text.Collator;
import java.text.Normalizer;
import java.util.Comparator;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Which characters (Unicode code points) written text may hold. Taken out wherever text comes in: what can't be written in
 * HTML or XML (controls but tab and line ends, halves of surrogate pairs, noncharacters), and what turns the text after it
 * around (bidirectional embeddings, overrides and isolates; the marks that only set a direction stay).
 */
public final class Letters {

    private static final int SPACE = 0x20;
    private static final int LAST_PLAIN = 0x7e;
    private static final int FIRST_LATIN = 0xa0;
    private static final int FIRST_DOUBTED = 0x2000;
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");

    private Letters() {}

    /** The text without what may not stand in it; the same one where nothing has to go. */
    public static String clean(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (!isSurelyFine(text.charAt(i))) {
                return sifted(text, i);
            }
        }
        return text;
    }

    /** The same as one line: white space folded, none at its ends. */
    public static String line(String text) {
        return clean(text).replaceAll("[\\s\\p{Z}]+", " ").strip();
    }

    /** For comparing: without accents (NFD, combining marks taken off) and without regard to case. */
    public static String folded(String text) {
        if (isPlain(text)) {
            return text.toLowerCase(Locale.ROOT);
        }
        return MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
    }

    private static boolean isPlain(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) > LAST_PLAIN) {
                return false;
            }
        }
        return true;
    }

    /** The order of a language (BCP 47), as its dictionaries have it. */
    public static Comparator<String> order(String language) {
        return collator(language)::compare;
    }

    /** The same as a collator, which is not for several threads at once. */
    public static Collator collator(String language) {
        Collator collator = Collator.getInstance(Locale.forLanguageTag(language));
        collator.setDecomposition(Collator.CANONICAL_DECOMPOSITION);
        return collator;
    }

    /** Whether nothing of it can be seen: white space, marks and signs without a shape alone. */
    public static boolean isUnseen(String text) {
        return text.codePoints().noneMatch(Letters::isSeen);
    }

    private static boolean isSurelyFine(char c) {
        return c >= SPACE && c <= LAST_PLAIN || c >= FIRST_LATIN && c < FIRST_DOUBTED;
    }

    private static String sifted(String text, int from) {
        StringBuilder out = new StringBuilder(text.length()).append(text, 0, from);
        text.codePoints()
                .skip(text.codePointCount(0, from))
                .filter(Letters::mayStand)
                .forEach(out::appendCodePoint);
        return out.length() == text.length() ? text : out.toString();
    }

    private static boolean mayStand(int c) {
        return switch (Character.getType(c)) {
            case Character.CONTROL -> c == '\t' || c == '\n' || c == '\r';
            case Character.SURROGATE -> false;
            case Character.FORMAT -> !turnsAround(c) && c != 0xfeff && !(c >= 0xfff9 && c <= 0xfffb);
            default -> !isNoncharacter(c);
        };
    }

    private static boolean turnsAround(int c) {
        return c >= 0x202a && c <= 0x202e || c >= 0x2066 && c <= 0x2069;
    }

    private static boolean isNoncharacter(int c) {
        return c >= 0xfdd0 && c <= 0xfdef || (c & 0xfffe) == 0xfffe;
    }

    private static boolean isSeen(int c) {
        return switch (Character.getType(c)) {
            case Character.CONTROL,
                    Character.FORMAT,
                    Character.SURROGATE,
                    Character.UNASSIGNED,
                    Character.SPACE_SEPARATOR,
                    Character.LINE_SEPARATOR,
                    Character.PARAGRAPH_SEPARATOR,
                    Character.NON_SPACING_MARK,
                    Character.ENCLOSING_MARK,
                    Character.COMBINING_SPACING_MARK -> false;
            default -> !isFiller(c);
        };
    }

    /** Letters of Hangul and Braille that are drawn as nothing. */
    private static boolean isFiller(int c) {
        return c == 0x115f || c == 0x1160 || c == 0x3164 || c == 0xffa0 || c == 0x2800;
    }
}
