package venue.core.theme;

import java.util.List;

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

    /** The pairs that every page shows. */
    public static List<ContrastPair> of(Look theme) {
        Colour words = theme.colour("colourWords");
        Colour page = theme.colour("colourPage");
        return List.of(
                pair(theme, "Words on the page", "colourWords", page),
                pair(theme, "Words on the tinted surface", "colourTint", words),
                pair(theme, "Words on the deep surface", "colourDeep", page),
                pair(theme, "Words on accent", "colourAccent", Tone.onAccent(theme)));
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
