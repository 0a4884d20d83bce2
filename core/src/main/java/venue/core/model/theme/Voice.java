package venue.core.model.theme;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.model.media.Font;
import venue.core.model.media.Media;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** What headings, text or labels are set in: a family that ships, or a font file of the site's own. */
record Voice(Look theme, Files files, String key) {

    private static final String OWN = "own";

    private static Stream<Voice> all(Look theme, Files files) {
        return Stream.of("heading", "body", "label").map(k -> new Voice(theme, files, k));
    }

    /** The settings that choose it. */
    static Stream<Property> declared(String key, String label, FontFamily first, String help) {
        String[] choices = Stream.concat(Stream.of(FontFamily.choices(first)), Stream.of(OWN + "=One of your own"))
                .toArray(String[]::new);
        String only = key + "Font=" + OWN;
        return Stream.of(
                choice(key + "Font", label, choices).help(help),
                of(key + "File", label + ": font file", PropertyType.FONT)
                        .onlyWhen(only)
                        .help("A WOFF2 file. Its makers must permit its use on web pages."),
                of(key + "Leaning", label + ": its italics", PropertyType.FONT)
                        .onlyWhen(only)
                        .help("Where they are a file of their own; without it letters are slanted."));
    }

    /** CSS {@code font-family} with its fallbacks. */
    static String css(Look theme, String key) {
        return theme.text(key + "Font").equals(OWN)
                ? "\"own-" + key + "\",var(--own-" + key + ",system-ui,sans-serif)"
                : FontFamily.of(theme.text(key + "Font")).css();
    }

    /** The same in faces that every machine has, as mail readers can set it: the look's own are not fetched there. */
    static String everywhere(Look theme, String key) {
        boolean serif = !theme.text(key + "Font").equals(OWN)
                && FontFamily.of(theme.text(key + "Font")).isSerif();
        return serif ? "Georgia,'Times New Roman',serif" : "Helvetica,Arial,sans-serif";
    }

    /** All that the look's voices are set in, each once. */
    static String faces(Look theme, Files files) {
        return all(theme, files).flatMap(Voice::faces).distinct().collect(Collectors.joining());
    }

    /** What is wanted before a page is drawn, so that it is drawn in the look's own faces from the first: menu and buttons too. */
    static List<String> needed(Look theme, Files files, boolean leaning) {
        Stream<String> upright = all(theme, files).flatMap(v -> v.mainFile(false));
        Stream<String> italics =
                leaning ? all(theme, files).skip(1).limit(1).flatMap(v -> v.mainFile(true)) : Stream.empty();
        return Stream.concat(upright, italics).distinct().toList();
    }

    private boolean isOwn() {
        return theme.text(key + "Font").equals(OWN);
    }

    private Stream<String> mainFile(boolean leaning) {
        if (isOwn()) {
            return own(leaning).map(Media::path).stream();
        }
        FontFamily family = FontFamily.of(theme.text(key + "Font"));
        return leaning
                ? family.leaningFile().map(f -> StyleSheet.FONTS + f).stream()
                : Stream.of(StyleSheet.FONTS + family.mainFile());
    }

    private Optional<Media> own(boolean leaning) {
        return files.find(theme.text(key + (leaning ? "Leaning" : "File"))).filter(m -> m.font() != null);
    }

    private Stream<String> faces() {
        if (!isOwn()) {
            return Stream.of(FontFamily.of(theme.text(key + "Font")).face(StyleSheet.FONTS));
        }
        Stream<String> stand = own(false).map(m -> ":root{--own-" + key + ":" + generic(m) + "}").stream();
        return Stream.of(
                        stand,
                        own(false).map(m -> face(m, "normal")).stream(),
                        own(true).map(m -> face(m, "italic")).stream())
                .flatMap(s -> s);
    }

    private static String generic(Media file) {
        Font font = file.font();
        return switch (font == null ? "" : font.generic()) {
            case "serif" -> "Georgia,serif";
            case "monospace" -> "ui-monospace,monospace";
            default -> "system-ui,sans-serif";
        };
    }

    private String face(Media file, String style) {
        Font font = file.font();
        String weights = font == null ? "400" : font.lightest() + " " + font.heaviest();
        return "@font-face{font-family:\"own-" + key + "\";font-style:" + style + ";font-display:swap;font-weight:"
                + weights + ";src:url(" + file.path() + ") format(\"woff2\")}";
    }
}
