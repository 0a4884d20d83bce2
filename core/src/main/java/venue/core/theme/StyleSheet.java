package venue.core.theme;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.WeakHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.item.Hash;

/**
 * The one stylesheet of a theme: custom properties made from its settings, then the rules that all sites share.
 *
 * @param look the id of the look it was compiled from
 */
public record StyleSheet(String look, String css, String hash) {

    private static final Map<String, Function<Tone, Colour>> COLOURS = new TreeMap<>(Map.ofEntries(
            Map.entry("ground", Tone::ground),
            Map.entry("words", Tone::words),
            Map.entry("headings", Tone::headings),
            Map.entry("quiet", Tone::quiet),
            Map.entry("link", Tone::link),
            Map.entry("line", Tone::line),
            Map.entry("act", Tone::act),
            Map.entry("on-act", Tone::onAct),
            Map.entry("far", Tone::far),
            Map.entry("raised", Tone::raised),
            Map.entry("wash", Tone::wash)));
    private static final String PLAIN = "plain-";

    private static final String WHERE = "/-/style/";

    /** Where fonts are served on every site. */
    public static final String FONTS = "/-/fonts/";

    /** Compiled once for each theme, for as long as somebody has that theme. */
    private static final Map<Look, StyleSheet> COMPILED = Collections.synchronizedMap(new WeakHashMap<>());

    /** The stylesheet of {@code theme}; equal settings give equal bytes. */
    public static StyleSheet of(Look theme) {
        return COMPILED.computeIfAbsent(theme, StyleSheet::compiled);
    }

    private static StyleSheet compiled(Look theme) {
        String css = faces(theme)
                + root(theme)
                + tones(theme)
                + Texture.rules()
                + Rules.of(theme)
                + ThemeSettings.PARTS.stream().map(p -> p.rules(theme)).collect(Collectors.joining());
        return new StyleSheet(theme.id(), css, Hash.shortOf(css));
    }

    /** Its address on the site: it names the look, and its hash changes with the content, so it may be kept for ever. */
    public String path() {
        return WHERE + look + "-" + hash + ".css";
    }

    /** The id of the look whose stylesheet has that address; empty for any other address. */
    public static Optional<String> lookAt(String path) {
        return path.startsWith(WHERE) && path.lastIndexOf('-') > WHERE.length()
                ? Optional.of(path.substring(WHERE.length(), path.lastIndexOf('-')))
                : Optional.empty();
    }

    private static Set<FontFamily> families(Look theme) {
        Set<FontFamily> used = new LinkedHashSet<>();
        used.add(FontFamily.of(theme.text("headingFont")));
        used.add(FontFamily.of(theme.text("bodyFont")));
        used.add(FontFamily.of(theme.text("labelFont")));
        return used;
    }

    private static String faces(Look theme) {
        StringBuilder faces = new StringBuilder();
        families(theme).forEach(f -> faces.append(f.face(FONTS)));
        return faces.toString();
    }

    /**
     * The fonts that a page in this look needs before it is drawn: one that comes later is not shown before the next page. Labels can
     * wait where they have a font of their own.
     */
    public static List<String> fonts(Look theme) {
        return Stream.of("headingFont", "bodyFont")
                .map(f -> FONTS + FontFamily.of(theme.text(f)).mainFile())
                .distinct()
                .toList();
    }

    private static String root(Look theme) {
        Css root = new Css();
        ThemeSettings.PARTS.forEach(part -> part.write(theme, root));
        return ":root{" + root.declarations() + "}";
    }

    private static String tones(Look theme) {
        StringBuilder css = new StringBuilder(":root{" + colours(Tone.of(theme).get(0), PLAIN) + "}");
        for (Tone tone : Tone.of(theme)) {
            rule(css, tone);
        }
        if (theme.flag("byNight")) {
            css.append("@media screen and (prefers-color-scheme:dark){:root{color-scheme:dark;");
            css.append(colours(Tone.byNight(theme).get(0), PLAIN));
            Css night = new Css();
            Tone.byNight(theme)
                    .forEach(t -> night.set(
                            t.key().equals("plain") ? "r-page" : "r-tint",
                            t.ground().hex()));
            css.append(night.declarations()).append('}');
            Tone.byNight(theme).forEach(t -> rule(css, t));
            css.append(".name .on-light{display:none}.name .on-dark{display:block!important}}");
        }
        return css.toString();
    }

    private static void rule(StringBuilder css, Tone tone) {
        css.append(tone.key().equals("plain") ? "body,.t-plain{" : ".t-" + tone.key() + "{");
        css.append(colours(tone, "")).append('}');
    }

    /** A tone's colours as custom properties, whose names begin with {@code prefix}. */
    static String colours(Tone tone, String prefix) {
        Css css = new Css();
        COLOURS.forEach(
                (name, colour) -> css.set(prefix + name, colour.apply(tone).hex()));
        return css.declarations();
    }

    /** The plain tone's colours as they are by day or by night, for what wears another. */
    static String plain() {
        Css css = new Css();
        COLOURS.keySet().forEach(name -> css.set(name, "var(--" + PLAIN + name + ")"));
        return css.declarations();
    }
}
