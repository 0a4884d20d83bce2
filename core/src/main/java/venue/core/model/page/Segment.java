package venue.core.model.page;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import venue.core.basics.fault.Refusal;

/** The last part of a page's address: 1 to 80 lower-case letters or digits of any script, and hyphens between them. */
public final class Segment {

    /** The longest segment, in characters. */
    public static final int LONGEST = 80;

    private static final Set<String> RESERVED = Set.of("api", "sign-in");

    private static final Map<String, String> SPELT = Map.of(
            "ß", "ss", "æ", "ae", "ø", "o", "œ", "oe", "đ", "d", "ł", "l", "þ", "th", "ð", "d", "ı", "i", "&", " and ");

    private Segment() {}

    /** No longer than it may be, between two words where that is not too short. */
    private static String cut(String words) {
        if (words.length() <= LONGEST) {
            return words;
        }
        int hyphen = words.lastIndexOf('-', LONGEST);
        return trim(words.substring(0, safeEnd(words, hyphen > LONGEST / 2 ? hyphen : LONGEST)));
    }

    /** A segment made from a title; {@code page} when the title has no letter or digit. */
    public static String fromTitle(String title) {
        String words = title.toLowerCase(Locale.ROOT);
        for (Map.Entry<String, String> letter : SPELT.entrySet()) {
            words = words.replace(letter.getKey(), letter.getValue());
        }
        String plain = Normalizer.normalize(words, Normalizer.Form.NFD).replaceAll("(?<=[a-z])\\p{M}+", "");
        String hyphened = Normalizer.normalize(plain, Normalizer.Form.NFC)
                .replaceAll("['’]", "")
                .replaceAll("[^\\p{L}\\p{M}\\p{Nd}]+", "-");
        String cut = cut(trim(hyphened));
        return cut.isEmpty() ? "page" : RESERVED.contains(cut) ? cut + "-page" : cut;
    }

    /** Gives back {@code segment}, or refuses it with a segment that would do. */
    public static String check(String segment) {
        if (RESERVED.contains(segment)) {
            throw Refusal.badInput(
                    "reserved-segment",
                    "segment",
                    "“" + segment + "” is kept for Venue itself.",
                    "Take another, for example “" + segment + "-page”.");
        }
        if (segment.length() > LONGEST || !segment.equals(fromTitle(segment))) {
            throw Refusal.badInput(
                    "bad-segment",
                    "segment",
                    "“" + segment.substring(0, Math.min(60, segment.length())) + "” can't be part of an address.",
                    "Use lower-case letters, digits and hyphens, at most " + LONGEST + ", for example “"
                            + fromTitle(segment) + "”.");
        }
        return segment;
    }

    private static int safeEnd(String words, int end) {
        return Character.isHighSurrogate(words.charAt(end - 1)) ? end - 1 : end;
    }

    private static String trim(String words) {
        return words.replaceAll("^-+|-+$", "");
    }
}
