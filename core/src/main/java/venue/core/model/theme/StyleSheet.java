package venue.core.model.theme;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.WeakHashMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import venue.core.basics.item.Hash;
import venue.core.model.media.Media;

/**
 * The one stylesheet of a theme: its fonts, custom properties made from its settings, then the rules that all sites share.
 *
 * @param look the id of the look it was compiled from
 * @param tokens the custom properties alone: what a colour or a number of the look comes to
 * @param rest all else: while it stays, the tokens are all that is new
 */
public record StyleSheet(String look, String css, String hash, String tokens, String rest) {

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

    /** Where the fonts that ship are served on every site. */
    public static final String FONTS = "/-/fonts/";

    /** The fonts that a page in this look needs before it is drawn, and that of leaning letters where it has such. */
    public static List<String> fonts(Look theme, Files files, boolean leaning) {
        return Voice.needed(theme, files, leaning);
    }

    /** Compiled once for each theme with the files that it names, for as long as somebody has that theme. */
    private static final Map<Look, Map<Map<String, Media>, StyleSheet>> COMPILED =
            Collections.synchronizedMap(new WeakHashMap<>());

    /** The stylesheet of {@code theme}; equal settings and files give equal bytes. */
    public static StyleSheet of(Look theme, Files files) {
        Map<String, Media> named = new TreeMap<>();
        theme.files().forEach(id -> files.find(id).ifPresent(file -> named.put(id, file)));
        return COMPILED.computeIfAbsent(theme, t -> new ConcurrentHashMap<>())
                .computeIfAbsent(named, n -> compiled(theme, id -> Optional.ofNullable(n.get(id))));
    }

    private static StyleSheet compiled(Look theme, Files files) {
        String faces = Voice.faces(theme, files);
        String tokens = tokens(theme);
        String rules = Rules.of(theme)
                + ThemeSettings.PARTS.stream().map(p -> p.rules(theme, files)).collect(Collectors.joining());
        String css = faces + tokens + rules;
        return new StyleSheet(theme.id(), css, Hash.shortOf(css), tokens, faces + rules);
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

    /** The custom properties alone: what a colour or a number of the look comes to. All else stays as it is. */
    public static String tokens(Look theme) {
        return (root(theme) + tones(theme)).replace(";}", "}").replaceFirst("}:root\\{", ";");
    }

    private static String root(Look theme) {
        Css root = new Css();
        ThemeSettings.PARTS.forEach(part -> part.write(theme, root));
        return ":root{" + root.declarations() + "}";
    }

    private static String tones(Look theme) {
        StringBuilder css = new StringBuilder(
                ":root{" + colours(Tone.of(theme, "plain"), PLAIN) + colours(Tone.of(theme, "deep"), "deep-") + "}");
        for (Tone tone : Tone.of(theme)) {
            rule(css, tone);
        }
        if (theme.flag("byNight")) {
            boolean switched = theme.flag("nightSwitch");
            css.append("@media screen and (prefers-color-scheme:dark){");
            night(css, theme, switched ? ":root:not([data-scheme=light])" : ":root");
            css.append('}');
            if (switched) {
                css.append("@media screen{");
                night(css, theme, ":root[data-scheme=dark]");
                css.append('}');
            }
        }
        return css.toString();
    }

    /** Writes the custom properties that differ by night, for a root that a visitor's machine or choice selects. */
    private static void night(StringBuilder css, Look theme, String root) {
        css.append(root)
                .append("{color-scheme:dark;")
                .append(colours(Tone.byNight(theme).get(0), PLAIN));
        Css night = new Css();
        Tone.byNight(theme)
                .forEach(t -> night.set(
                        t.key().equals("plain") ? "r-page" : "r-tint",
                        t.ground().hex()));
        css.append(night.declarations()).append('}');
        for (Tone tone : Tone.byNight(theme)) {
            String at = root + " .t-" + tone.key();
            css.append(tone.key().equals("plain") ? root + " body," + at : at);
            css.append('{').append(colours(tone, "")).append('}');
        }
        css.append(root).append(" .name .on-light{display:none}");
        css.append(root).append(" .name .on-dark{display:block!important}");
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

    /** The plain or the deep tone's colours as they are by day or by night, for what wears another. */
    static String wearing(String tone) {
        Css css = new Css();
        COLOURS.keySet().forEach(name -> css.set(name, "var(--" + tone + "-" + name + ")"));
        return css.declarations();
    }
}
