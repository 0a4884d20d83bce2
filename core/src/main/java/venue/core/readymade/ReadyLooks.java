package venue.core.readymade;

import java.util.List;
import java.util.Map;
import venue.core.theme.Look;
import venue.core.value.Value;

/** The looks that every new site begins with. */
final class ReadyLooks {

    private ReadyLooks() {}

    public static List<Look> all() {
        return List.of(dusk(), chalk());
    }

    /** Night blue, ember and chalk; a display serif and a reading serif. */
    public static Look dusk() {
        return new Look("dusk", "Dusk", Map.of());
    }

    /** Black on white with one blue; a lively sans. */
    public static Look chalk() {
        return new Look(
                "chalk",
                "Chalk",
                Map.of(
                        "colourPage", Value.of("#FFFFFF"),
                        "colourWords", Value.of("#1B1B1F"),
                        "colourAccent", Value.of("#1F5FA8"),
                        "colourTint", Value.of("#EDF1F5"),
                        "colourDeep", Value.of("#1B2230"),
                        "headingFont", Value.of("bricolage"),
                        "bodyFont", Value.of("instrument-sans"),
                        "buttonShape", Value.of("soft")));
    }
}
