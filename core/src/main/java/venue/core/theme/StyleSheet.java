package venue.core.theme;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.WeakHashMap;
import java.util.function.Function;
import java.util.stream.Stream;
import venue.core.item.Hash;

/**
 * The one stylesheet of a theme: custom properties made from its settings, then the rules that all sites share.
 *
 * @param look the id of the look it was compiled from
 */
public record StyleSheet(String look, String css, String hash) {

    private static final Map<String, Function<Tone, Colour>> COLOURS = new TreeMap<>(Map.of(
            "ground", Tone::ground,
            "words", Tone::words,
            "quiet", Tone::quiet,
            "link", Tone::link,
            "line", Tone::line,
            "far", Tone::far,
            "raised", Tone::raised,
            "wash", Tone::wash));
    private static final String PLAIN = "plain-";

    private static final int SIZES = 7;
    /** Windows between which sizes grow, in pixels, and what a narrow one keeps of what a size is above the text's. */
    private static final int NARROW = 360;

    private static final int WIDE = 1280;
    private static final double NARROW_SHARE = 0.46;
    /** What a hundred per cent is where visitors have set nothing else, in pixels. */
    private static final double USUAL_SIZE = 16;

    private static final double THOUSAND = 1000;

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
        String css = faces(theme) + root(theme) + tones(theme) + Texture.rules() + Rules.of(theme);
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
        StringBuilder root = new StringBuilder(":root{");
        set(root, "heading", FontFamily.of(theme.text("headingFont")).css());
        set(root, "body", FontFamily.of(theme.text("bodyFont")).css());
        set(root, "label", FontFamily.of(theme.text("labelFont")).css());
        set(root, "heading-weight", whole(theme.number("headingWeight")));
        set(root, "heading-case", casing(theme, "headingCase"));
        set(root, "heading-spacing", decimal(theme.number("headingSpacing") / THOUSAND) + "em");
        set(root, "label-case", casing(theme, "labelCase"));
        set(root, "label-spacing", theme.text("labelCase").equals("upper") ? ".06em" : "0");
        set(root, "size", decimal(100 * theme.number("bodySize") / USUAL_SIZE) + "%");
        set(root, "line-height", decimal(theme.number("lineHeight") / 100));
        scale(root, theme.number("typeScale") / 100, theme.number("bodySize"));
        set(root, "step", whole(theme.number("spaceBase")) + "px");
        set(root, "page-width", whole(theme.number("pageWidth")) + "px");
        set(root, "text-width", whole(theme.number("textWidth")) + "ch");
        set(root, "picture-radius", whole(theme.number("pictureRadius")) + "px");
        set(root, "button-radius", radius(theme.text("buttonShape")));
        set(root, "button-line", whole(theme.number("buttonLine")) + "px");
        set(root, "accent", theme.text("colourAccent"));
        set(root, "r-page", theme.text("colourPage"));
        set(root, "r-tint", theme.text("colourTint"));
        set(root, "r-deep", theme.text("colourDeep"));
        set(root, "r-accent", theme.text("colourAccent"));
        set(
                root,
                "on-accent",
                Tone.onAccent(theme).passing(theme.colour("colourAccent"), 4.5).hex());
        set(root, "band-space", bandSpace(theme.text("bandHeight")));
        return root.append('}').toString();
    }

    /** Sizes that grow with the window between {@link #NARROW} and {@link #WIDE}, the larger the more. */
    private static void scale(StringBuilder root, double step, double px) {
        double wide = 1;
        for (int i = 1; i <= SIZES; i++) {
            wide *= step;
            double narrow = 1 + (wide - 1) * NARROW_SHARE;
            double slope = (wide - narrow) * px / (WIDE - NARROW);
            String grows = decimal(narrow - slope * NARROW / px) + "rem + " + decimal(100 * slope) + "vw";
            set(root, "s" + i, "clamp(" + decimal(narrow) + "rem," + grows + "," + decimal(wide) + "rem)");
        }
    }

    private static String casing(Look theme, String key) {
        return theme.text(key).equals("upper") ? "uppercase" : "none";
    }

    private static String tones(Look theme) {
        StringBuilder css = new StringBuilder(":root{" + colours(Tone.of(theme).get(0), PLAIN) + "}");
        for (Tone tone : Tone.of(theme)) {
            rule(css, tone);
        }
        if (theme.flag("byNight")) {
            css.append("@media screen and (prefers-color-scheme:dark){:root{color-scheme:dark;");
            css.append(colours(Tone.byNight(theme).get(0), PLAIN));
            Tone.byNight(theme)
                    .forEach(t -> set(
                            css,
                            t.key().equals("plain") ? "r-page" : "r-tint",
                            t.ground().hex()));
            css.append('}');
            Tone.byNight(theme).forEach(t -> rule(css, t));
            css.append('}');
        }
        String button = theme.text("buttonFill").equals("filled")
                ? ".button{background:var(--link);border-color:var(--link);color:var(--ground)}"
                : ".button{background:none;border-color:currentColor;color:var(--words)}";
        return css.append(button).toString();
    }

    private static void rule(StringBuilder css, Tone tone) {
        css.append(tone.key().equals("plain") ? "body,.t-plain{" : ".t-" + tone.key() + "{");
        css.append(colours(tone, "")).append('}');
    }

    /** A tone's colours as custom properties, whose names begin with {@code prefix}. */
    static String colours(Tone tone, String prefix) {
        StringBuilder css = new StringBuilder();
        COLOURS.forEach(
                (name, colour) -> set(css, prefix + name, colour.apply(tone).hex()));
        return css.toString();
    }

    /** The plain tone's colours as they are by day or by night, for what wears another. */
    static String plain() {
        StringBuilder css = new StringBuilder();
        COLOURS.keySet().forEach(name -> set(css, name, "var(--" + PLAIN + name + ")"));
        return css.toString();
    }

    private static void set(StringBuilder css, String name, String value) {
        css.append("--").append(name).append(':').append(value).append(';');
    }

    private static String radius(String shape) {
        return switch (shape) {
            case "square" -> "0";
            case "soft" -> "6px";
            default -> "99px";
        };
    }

    private static String bandSpace(String height) {
        return switch (height) {
            case "low" -> "5";
            case "tall" -> "16";
            default -> "9";
        };
    }

    private static String whole(double number) {
        return String.valueOf(Math.round(number));
    }

    private static String decimal(double number) {
        return String.format(Locale.ROOT, "%.3f", number);
    }
}
