package venue.core.theme;

import java.util.List;
import java.util.stream.Stream;

/** A set of colour roles that a section wears; every pair of words and ground passes WCAG 2.2 AA (4.5 : 1). */
public record Tone(String key, String label, Colour ground, Colour words, Colour quiet, Colour link, Colour line) {

    private static final double ENOUGH = 4.5;
    private static final double PALE = 0.6;
    /** An accent that is this near to its ground would lose its colour before it could be read: links are words there. */
    private static final double FAINT = 2;
    /** How much darker than the deep surface the page is by night, and how much of it the words take. */
    private static final double NIGHT = 0.45;

    private static final double NIGHT_WORDS = 0.08;

    /** Where a gradient out of the ground leads that keeps the words readable: a little darker, or a pale ground a little inked. */
    public Colour far() {
        boolean pale = ground.luminance() > PALE;
        boolean lightWords = words.luminance() > ground.luminance();
        Colour away = lightWords ? new Colour(0, 0, 0) : new Colour(255, 255, 255);
        return pale ? ground.mix(words, 0.08) : ground.mix(away, 0.3);
    }

    /** A ground for what lies on this one: away from the words, where all that is read on this one still is; else the ground. */
    public Colour raised() {
        boolean lightWords = words.luminance() > ground.luminance();
        Colour lifted = lightWords ? ground.mix(new Colour(0, 0, 0), 0.25) : ground.mix(new Colour(255, 255, 255), 0.7);
        boolean read = Stream.of(words, quiet, link).allMatch(c -> c.contrast(lifted) >= ENOUGH);
        return read ? lifted : ground;
    }

    /** The ground with a breath of the link's colour, where the words still stand on it; else the ground. */
    public Colour wash() {
        Colour washed = ground.mix(link, 0.12);
        return words.contrast(washed) >= ENOUGH ? washed : ground;
    }

    /** The tones a theme makes out of its palette. */
    public static List<Tone> of(Look theme) {
        Colour page = theme.colour("colourPage");
        Colour words = theme.colour("colourWords");
        Colour accent = theme.colour("colourAccent");
        return List.of(
                tone("plain", "Plain", page, words, accent),
                tone("tinted", "Tinted", theme.colour("colourTint"), words, accent),
                tone("deep", "Deep", theme.colour("colourDeep"), page, accent),
                tone("accent", "Accent", accent, onAccent(theme), onAccent(theme)));
    }

    /** What plain and tinted are for visitors whose machine is dark: made of the deep surface. */
    static List<Tone> byNight(Look theme) {
        Colour deep = theme.colour("colourDeep");
        Colour words = new Colour(255, 255, 255).mix(deep, NIGHT_WORDS);
        Colour accent = theme.colour("colourAccent");
        return List.of(
                tone("plain", "Plain", deep.mix(new Colour(0, 0, 0), NIGHT), words, accent),
                tone("tinted", "Tinted", deep.mix(words, NIGHT_WORDS), words, accent));
    }

    /** Page colour or words colour, whichever stands better on the accent. */
    static Colour onAccent(Look theme) {
        Colour accent = theme.colour("colourAccent");
        Colour page = theme.colour("colourPage");
        Colour words = theme.colour("colourWords");
        return page.contrast(accent) >= words.contrast(accent) ? page : words;
    }

    private static Tone tone(String key, String label, Colour ground, Colour words, Colour link) {
        Colour ink = words.passing(ground, ENOUGH);
        return new Tone(
                key,
                label,
                ground,
                ink,
                ink.mix(ground, 0.28).passing(ground, ENOUGH),
                link.contrast(ground) < FAINT ? ink : link.passing(ground, ENOUGH),
                ink.mix(ground, 0.8));
    }
}
