package venue.core.model.theme;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;

/**
 * Whole palettes made of one colour or two, in OKLCH; every pair that a page shows passes WCAG 2.2 AA.
 *
 * @param name what it is like, for people
 * @param settings the five roles that are always set, by the keys of their settings
 */
public record Palette(String name, Map<String, Value> settings) {

    private static final double ENOUGH = Tone.ENOUGH;
    /** Where on the wheel the colour lies that sets off another. */
    private static final double ACROSS = 180;

    /**
     * @param seed the colour that is to stand out: the accent
     * @param second the colour of the deep surface; absent to make one of the seed
     */
    public static List<Palette> of(Colour seed, @Nullable Colour second) {
        Oklch accent = Oklch.of(seed);
        Oklch ground = second == null ? accent : Oklch.of(second);
        Oklch across = second == null ? accent.turned(ACROSS) : ground;
        return List.of(
                day("Of one hue", seed, ground, 0.006, 0.022),
                day("Set off", seed, across, 0.012, 0.04),
                day("On white", seed, ground, 0, 0.008),
                night("By night", accent, ground));
    }

    private static Palette day(String name, Colour seed, Oklch ground, double pale, double tinted) {
        Colour page = ground.with(pale == 0 ? 1 : 0.984, pale).colour();
        Colour words = ground.with(0.26, Math.min(0.035, ground.chroma())).colour();
        Colour tint = ground.with(0.94, Math.min(tinted, ground.chroma())).colour();
        Colour deep = ground.with(0.28, Math.min(0.07, ground.chroma())).colour();
        return made(name, page, words, seed, tint, deep);
    }

    private static Palette night(String name, Oklch accent, Oklch ground) {
        Colour page = ground.with(0.19, Math.min(0.02, ground.chroma())).colour();
        Colour words = ground.with(0.94, Math.min(0.012, ground.chroma())).colour();
        Colour tint = ground.with(0.26, Math.min(0.03, ground.chroma())).colour();
        Colour deep = ground.with(0.14, Math.min(0.02, ground.chroma())).colour();
        Colour shining =
                accent.with(Math.max(0.76, accent.lightness()), accent.chroma()).colour();
        Palette made = made(name, page, words, shining, tint, deep);
        Map<String, Value> settings = new LinkedHashMap<>(made.settings);
        settings.put("colourOnDeep", Value.of(words.hex()));
        return new Palette(name, settings);
    }

    private static Palette made(String name, Colour page, Colour words, Colour accent, Colour tint, Colour deep) {
        Colour on = page.contrast(accent) >= words.contrast(accent) ? page : words;
        Map<String, Value> settings = new LinkedHashMap<>();
        settings.put("colourPage", Value.of(page.hex()));
        settings.put("colourWords", Value.of(words.passing(page, ENOUGH).hex()));
        settings.put("colourAccent", Value.of(accent.passing(on, ENOUGH).hex()));
        settings.put("colourTint", Value.of(tint.hex()));
        settings.put("colourDeep", Value.of(deep.hex()));
        return new Palette(name, settings);
    }
}
