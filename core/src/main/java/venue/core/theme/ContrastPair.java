package venue.core.theme;

import java.util.List;
import java.util.stream.Stream;

/**
 * Two colours of a palette that meet, as the theme sets them.
 *
 * @param ratio contrast of WCAG 2.2, 1 to 21
 * @param needed the least that is asked: 4.5 for words (SC 1.4.3)
 * @param setting the theme setting to change
 * @param nearest the nearest colour for that setting that passes, as #RRGGBB
 */
public record ContrastPair(String label, double ratio, double needed, String setting, String nearest) {

    private static final double WORDS = 4.5;

    public boolean passes() {
        return ratio >= needed;
    }

    /** The pairs that every page shows; what is derived passes by itself. */
    public static List<ContrastPair> of(Look theme) {
        Colour words = theme.colour("colourWords");
        Colour page = theme.colour("colourPage");
        Stream<ContrastPair> always = Stream.of(
                pair(theme, "Words on the page", "colourWords", page),
                pair(theme, "Words on the tinted surface", "colourTint", words),
                pair(
                        theme,
                        "Words on the deep surface",
                        "colourDeep",
                        theme.own("colourOnDeep").orElse(page)),
                pair(theme, "Words on accent", "colourAccent", Tone.onAccent(theme)));
        Stream<ContrastPair> set = Stream.of(
                        new String[] {"Headings on the page", "colourHeadings"},
                        new String[] {"Quiet words on the page", "colourQuiet"},
                        new String[] {"Links on the page", "colourLink"})
                .filter(of -> theme.own(of[1]).isPresent())
                .map(of -> pair(theme, of[0], of[1], page));
        return Stream.concat(always, set).toList();
    }

    private static ContrastPair pair(Look theme, String label, String setting, Colour other) {
        Colour mine = theme.colour(setting);
        return new ContrastPair(
                label,
                mine.contrast(other),
                WORDS,
                setting,
                mine.passing(other, WORDS).hex());
    }
}
