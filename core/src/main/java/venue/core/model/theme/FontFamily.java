package venue.core.model.theme;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** A type family that Venue serves itself, as variable WOFF2 files in two subsets. */
enum FontFamily {
    FRAUNCES("Fraunces", "fraunces", "Georgia,serif", "display serif", 100, 900),
    LITERATA("Literata", "literata", "Georgia,serif", "reading serif", 200, 900),
    SOURCE_SERIF("Source Serif 4", "source-serif-4", "Georgia,serif", "bookish serif", 200, 900),
    BITTER("Bitter", "bitter", "Georgia,serif", "slab serif", 100, 900),
    INSTRUMENT_SANS("Instrument Sans", "instrument-sans", "system-ui,sans-serif", "plain sans", 400, 700),
    BRICOLAGE("Bricolage Grotesque", "bricolage-grotesque", "system-ui,sans-serif", "lively sans", 200, 800),
    WORK_SANS("Work Sans", "work-sans", "system-ui,sans-serif", "wide sans", 100, 900),
    NEWSREADER("Newsreader", "newsreader", "Georgia,serif", "newspaper serif", 200, 800),
    EB_GARAMOND("EB Garamond", "eb-garamond", "Georgia,serif", "old book serif", 400, 800),
    PLAYFAIR_DISPLAY("Playfair Display", "playfair-display", "Georgia,serif", "high-contrast serif", 400, 900),
    LORA("Lora", "lora", "Georgia,serif", "brushed serif", 400, 700),
    ARCHIVO("Archivo", "archivo", "system-ui,sans-serif", "sturdy sans", 100, 900),
    MANROPE("Manrope", "manrope", "system-ui,sans-serif", "geometric sans", 200, 800),
    FIGTREE("Figtree", "figtree", "system-ui,sans-serif", "friendly sans", 300, 900),
    SPACE_GROTESK("Space Grotesk", "space-grotesk", "system-ui,sans-serif", "technical sans", 300, 700),
    OSWALD("Oswald", "oswald", "Impact, sans-serif", "narrow poster sans", 200, 700),
    RED_HAT_MONO("Red Hat Mono", "red-hat-mono", "ui-monospace, monospace", "round typewriter", 300, 700),
    JETBRAINS_MONO("JetBrains Mono", "jetbrains-mono", "ui-monospace, monospace", "typewriter", 100, 800);

    private static final Set<FontFamily> UPRIGHT_ALONE = EnumSet.of(BRICOLAGE, MANROPE, OSWALD, SPACE_GROTESK);

    private final String family;
    private final String file;
    private final String fallback;
    private final String note;
    private final int lightest;
    private final int heaviest;

    FontFamily(String family, String file, String fallback, String note, int lightest, int heaviest) {
        this.family = family;
        this.file = file;
        this.fallback = fallback;
        this.note = note;
        this.lightest = lightest;
        this.heaviest = heaviest;
    }

    /** The value kept in a theme. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static FontFamily of(String key) {
        return Arrays.stream(values())
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElse(INSTRUMENT_SANS);
    }

    boolean isSerif() {
        return fallback.startsWith("Georgia");
    }

    /** CSS {@code font-family} with its fallbacks. */
    String css() {
        return "\"" + family + "\"," + fallback;
    }

    /** As choices of a property: {@code key=Family, note}. */
    static String[] choices(FontFamily first) {
        return java.util.stream.Stream.concat(
                        java.util.stream.Stream.of(first),
                        Arrays.stream(values()).filter(f -> f != first))
                .map(f -> f.key() + "=" + f.family + ", " + f.note)
                .toArray(String[]::new);
    }

    /** The files' names, the common Latin letters first. */
    public List<String> files() {
        return List.of(file + "-latin-wght-normal.woff2", file + "-latin-ext-wght-normal.woff2");
    }

    /** The file of its leaning letters; four families have none and are slanted. */
    Optional<String> leaningFile() {
        return UPRIGHT_ALONE.contains(this) ? Optional.empty() : Optional.of(file + "-latin-wght-italic.woff2");
    }

    /** The file of the common Latin letters, which nearly every page needs. */
    String mainFile() {
        return files().get(0);
    }

    String face(String base) {
        String latin = "U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+0304,U+0308,U+0329,"
                + "U+2000-206F,U+20AC,U+2122,U+2191,U+2193,U+2212,U+2215,U+FEFF,U+FFFD";
        String more = "U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+1D00-1DBF,U+1E00-1E9F,"
                + "U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,U+2C60-2C7F,U+A720-A7FF";
        return face(base + files().get(0), "normal", latin)
                + face(base + files().get(1), "normal", more)
                + leaningFile().map(f -> face(base + f, "italic", latin)).orElse("");
    }

    private String face(String url, String style, String range) {
        return "@font-face{font-family:\"" + family + "\";font-style:" + style + ";font-display:swap;font-weight:"
                + lightest + " " + heaviest + ";src:url(" + url + ") format(\"woff2\");unicode-range:" + range + "}";
    }
}
