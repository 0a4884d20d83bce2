package venue.core.model.theme;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The built-in textures: small tiles drawn as SVG 1.1 that a section repeats in its tone's line colour. */
public enum Texture {
    DOTS("Dots", 24, "<circle cx='4' cy='4' r='2'/><circle cx='16' cy='16' r='2'/>"),
    GRID("Grid", 32, "<path d='M0 .5h32M.5 0v32'/>"),
    STRIPES("Stripes", 16, "<path d='M-4 4 4-4M0 16 16 0M12 20l8-8'/>"),
    CROSSES("Crosses", 32, "<path d='M8 4v8M4 8h8M24 20v8M20 24h8'/>"),
    WAVES("Waves", 40, "<path d='M0 10q10-10 20 0t20 0M0 30q10-10 20 0t20 0'/>"),
    WEAVE("Weave", 24, "<path d='M0 6h10M14 6h10M0 18h4M8 18h8M20 18h4M12 0v4M12 8v8M12 20v4'/>"),
    RINGS(
            "Rings",
            48,
            "<g><path d='M24 14a10 10 0 1 0 .1 0M24 18a6 6 0 1 0 .1 0M0-10a10 10 0 1 0 .1 0M48 38a10 10 0 1 0 .1 0'/></g>"),
    PEAKS("Peaks", 36, "<path d='M0 16 9 5l9 11 9-11 9 11M0 34l9-11 9 11 9-11 9 11'/>"),
    BRICKS("Bricks", 40, "<path d='M0 .5h40M0 20.5h40M10 0v20M30 20v20'/>"),
    STARS("Stars", 56, "<path d='M12 6v8M8 10h8M42 34v12M36 40h12M44 12v4M42 14h4M16 44v4M14 46h4'/>");

    private static final String WHERE = "/-/texture/";

    private final String label;
    private final String svg;

    Texture(String label, int side, String shapes) {
        this.label = label;
        boolean filled = shapes.startsWith("<circle");
        svg = "<svg xmlns='http://www.w3.org/2000/svg' width='" + side + "' height='" + side + "' fill='"
                + (filled ? "#000" : "none") + "' stroke='" + (filled ? "none" : "#000") + "'>" + shapes + "</svg>";
    }

    /** As a choice takes them: {@code value=label}. */
    public static String[] choices() {
        return Arrays.stream(values()).map(t -> t.key() + "=" + t.label).toArray(String[]::new);
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String svg() {
        return svg;
    }

    static String path(String key) {
        return WHERE + key + ".svg";
    }

    /** The texture served under a path, if there is one. */
    public static Optional<Texture> at(String path) {
        return Arrays.stream(values()).filter(t -> path(t.key()).equals(path)).findFirst();
    }

    /** What lets one be seen where it is worn. */
    public static String declared(String key) {
        return "--tx:url(" + path(key) + ")";
    }
}
