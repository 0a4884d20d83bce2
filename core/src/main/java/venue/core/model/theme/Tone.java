package venue.core.model.theme;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * A set of colour roles that a section wears; every pair of words and ground passes WCAG 2.2 AA (4.5 : 1).
 *
 * @param act what is filled to be pressed: the accent, or the words' colour where the accent is all but the ground
 */
public record Tone(
        String key,
        String label,
        Colour ground,
        Colour words,
        Colour headings,
        Colour quiet,
        Colour link,
        Colour line,
        Colour act,
        Colour onAct) {

    /** The tones that a look may have of its own, by name. Where it has them not, what wears them is plain. */
    static final List<String> OWN = List.of("First", "Second", "Third", "Fourth");

    private static final List<String> CHOICES = Stream.concat(
                    Stream.of("plain=Plain", "tinted=Tinted", "deep=Deep", "accent=Accent"),
                    OWN.stream().map(n -> n.toLowerCase(Locale.ROOT) + "=" + n + " tone of your own"))
            .toList();

    static final double ENOUGH = 4.5;
    /** A filled shape that stands out less than this from its ground is not seen as one. */
    private static final double SEEN = 1.2;

    private static final double PALE = 0.6;
    /** An accent that is this near to its ground would lose its colour before it could be read: links are words there. */
    private static final double FAINT = 2;
    /** By night: how much darker than the deep surface the page is, and how much of the page's colour is mixed into the words. */
    private static final double NIGHT = 0.45;

    private static final double NIGHT_WORDS = 0.08;

    /**
     * The colour that a gradient out of the ground ends in, chosen so that words stay readable: a pale ground is mixed with a little of the
     * words' colour, any other with black or white, whichever is further from the words.
     */
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
        boolean read = Stream.of(words, headings, quiet, link).allMatch(c -> c.contrast(lifted) >= ENOUGH);
        return read ? lifted : ground;
    }

    /** The ground with an eighth of the link's colour, where words can still be read on it; else the ground alone. */
    public Colour wash() {
        Colour washed = ground.mix(link, 0.12);
        return words.contrast(washed) >= ENOUGH ? washed : ground;
    }

    /** The tones a theme makes out of its palette. */
    public static List<Tone> of(Look theme) {
        Colour page = theme.colour("colourPage");
        Colour words = theme.colour("colourWords");
        Colour accent = theme.colour("colourAccent");
        Stream<Tone> usual = Stream.of(
                onPaper(theme, "plain", "Plain", page, words),
                onPaper(theme, "tinted", "Tinted", theme.colour("colourTint"), words),
                tone(
                        theme,
                        "deep",
                        "Deep",
                        theme.colour("colourDeep"),
                        theme.own("colourOnDeep").orElse(page),
                        accent),
                tone(theme, "accent", "Accent", accent, onAccent(theme), onAccent(theme)));
        Stream<Tone> own =
                OWN.stream().flatMap(n -> theme.own("tone" + n).map(ground -> own(theme, n, ground)).stream());
        return Stream.concat(usual, own).toList();
    }

    /** The tone of that key as the theme has it; plain where it has none such. */
    public static Tone of(Look theme, String key) {
        List<Tone> all = of(theme);
        return all.stream().filter(t -> t.key().equals(key)).findFirst().orElse(all.get(0));
    }

    /** As a choice takes them, that named {@code first} before the others. */
    public static String[] choices(String first) {
        return CHOICES.stream()
                .sorted(Comparator.comparing(c -> !c.startsWith(first + "=")))
                .toArray(String[]::new);
    }

    /** As a choice takes them, after an answer that is none of them and before others. */
    public static String[] choicesAnd(String first, String... last) {
        return Stream.of(Stream.of(first), CHOICES.stream(), Stream.of(last))
                .flatMap(s -> s)
                .toArray(String[]::new);
    }

    /** A tone of the look's own: what is not set of it is made of its ground, the palette's words or page, and the accent. */
    private static Tone own(Look theme, String slot, Colour ground) {
        String name = theme.text("tone" + slot + "Name");
        Colour ink = theme.own("tone" + slot + "Words").orElse(better(theme, ground));
        return tone(
                theme,
                slot.toLowerCase(Locale.ROOT),
                name.isBlank() ? slot + " of your own" : name,
                ground,
                ink,
                theme.own("tone" + slot + "Link").orElse(theme.colour("colourAccent")));
    }

    /** A tone that takes the roles which somebody has set, as far as they can be read on its ground. */
    private static Tone onPaper(Look theme, String key, String label, Colour ground, Colour words) {
        Tone made =
                tone(theme, key, label, ground, words, theme.own("colourLink").orElse(theme.colour("colourAccent")));
        return made.but(
                theme.own("colourHeadings").map(c -> c.passing(ground, ENOUGH)).orElse(made.words),
                theme.own("colourQuiet").map(c -> c.passing(ground, ENOUGH)).orElse(made.quiet),
                theme.own("colourLine").orElse(made.line));
    }

    private Tone but(Colour ofHeadings, Colour ofQuiet, Colour ofLine) {
        return new Tone(key, label, ground, words, ofHeadings, ofQuiet, link, ofLine, act, onAct);
    }

    /** What plain and tinted are for visitors whose machine is dark: made of the deep surface. */
    public static List<Tone> byNight(Look theme) {
        Colour deep = theme.colour("colourDeep");
        Colour words = new Colour(255, 255, 255).mix(deep, NIGHT_WORDS);
        Colour accent = theme.colour("colourAccent");
        return List.of(
                tone(theme, "plain", "Plain", deep.mix(new Colour(0, 0, 0), NIGHT), words, accent),
                tone(theme, "tinted", "Tinted", deep.mix(words, NIGHT_WORDS), words, accent));
    }

    /** The colour that is set for it, else page colour or words colour, whichever stands better on the accent. */
    static Colour onAccent(Look theme) {
        return theme.own("colourOnAccent").orElseGet(() -> better(theme, theme.colour("colourAccent")));
    }

    /** Page colour or words colour, whichever stands better on a ground. */
    static Colour better(Look theme, Colour ground) {
        Colour page = theme.colour("colourPage");
        Colour words = theme.colour("colourWords");
        return page.contrast(ground) >= words.contrast(ground) ? page : words;
    }

    private static Tone tone(Look theme, String key, String label, Colour ground, Colour words, Colour link) {
        Colour ink = words.passing(ground, ENOUGH);
        Colour accent = theme.colour("colourAccent");
        boolean seen = accent.contrast(ground) >= SEEN;
        return new Tone(
                key,
                label,
                ground,
                ink,
                ink,
                ink.mix(ground, 0.28).passing(ground, ENOUGH),
                link.contrast(ground) < FAINT ? ink : link.passing(ground, ENOUGH),
                ink.mix(ground, 0.8),
                seen ? accent : ink,
                seen ? onAccent(theme).passing(accent, ENOUGH) : ground);
    }
}
