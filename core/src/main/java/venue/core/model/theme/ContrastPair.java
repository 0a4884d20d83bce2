package venue.core.model.theme;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * Two colours of a palette that meet, as the theme sets them.
 *
 * @param ratio contrast of WCAG 2.2, 1 to 21
 * @param needed the least that is asked: 4.5 for words (SC 1.4.3)
 * @param tone the key of the tone in which they meet
 * @param setting the theme setting to change
 * @param nearest the nearest colour for that setting that passes, as #RRGGBB
 */
public record ContrastPair(String label, String tone, double ratio, double needed, String setting, String nearest) {

    private static final double WORDS = 4.5;

    public boolean passes() {
        return ratio >= needed;
    }

    /** The pairs that every page shows; what is derived passes by itself. */
    public static List<ContrastPair> of(Look theme) {
        Colour words = theme.colour("colourWords");
        Colour page = theme.colour("colourPage");
        Stream<ContrastPair> always = Stream.of(
                pair(theme, "Words on the page", "plain", "colourWords", page),
                pair(theme, "Words on the tinted surface", "tinted", "colourTint", words),
                pair(
                        theme,
                        "Words on the deep surface",
                        "deep",
                        "colourDeep",
                        theme.own("colourOnDeep").orElse(page)),
                pair(theme, "Words on accent", "accent", "colourAccent", Tone.onAccent(theme)));
        Stream<ContrastPair> set = Stream.of(
                        new String[] {"Headings on the page", "colourHeadings"},
                        new String[] {"Quiet words on the page", "colourQuiet"},
                        new String[] {"Links on the page", "colourLink"})
                .filter(of -> theme.own(of[1]).isPresent())
                .map(of -> pair(theme, of[0], "plain", of[1], page));
        Stream<ContrastPair> own = Tone.OWN.stream()
                .filter(n -> theme.own("tone" + n).isPresent()
                        && theme.own("tone" + n + "Words").isPresent())
                .map(n -> pair(
                        theme,
                        "Words on “"
                                + Tone.of(theme, n.toLowerCase(Locale.ROOT)).label() + "”",
                        n.toLowerCase(Locale.ROOT),
                        "tone" + n + "Words",
                        theme.colour("tone" + n)));
        return Stream.of(always, set, own).flatMap(pairs -> pairs).toList();
    }

    private static ContrastPair pair(Look theme, String label, String tone, String setting, Colour other) {
        Colour mine = theme.colour(setting);
        return new ContrastPair(
                label,
                tone,
                mine.contrast(other),
                WORDS,
                setting,
                mine.passing(other, WORDS).hex());
    }
}
