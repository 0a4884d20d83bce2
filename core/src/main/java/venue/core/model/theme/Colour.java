package venue.core.model.theme;

import java.util.Locale;
import venue.core.basics.fault.Refusal;

/** A colour in sRGB, 8 bits a channel. */
public record Colour(int red, int green, int blue) {

    private static final double WHOLE = 255;

    /** Reads {@code #RRGGBB}. */
    public static Colour of(String hex) {
        if (!hex.matches("#[0-9A-Fa-f]{6}")) {
            throw Refusal.badInput(
                    "bad-colour", "colour", "“" + hex + "” is not a colour.", "Give six digits, like #1F5E5B.");
        }
        int rgb = Integer.parseInt(hex.substring(1), 16);
        return new Colour(rgb >> 16 & 0xff, rgb >> 8 & 0xff, rgb & 0xff);
    }

    public String hex() {
        return String.format(Locale.ROOT, "#%02X%02X%02X", red, green, blue);
    }

    /** Relative luminance of WCAG 2.2, 0 (black) to 1 (white). */
    public double luminance() {
        return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
    }

    /** Contrast ratio of WCAG 2.2, 1 to 21. */
    public double contrast(Colour other) {
        double a = luminance();
        double b = other.luminance();
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    /** This colour with {@code share} (0 to 1) of another mixed in, channel by channel. */
    public Colour mix(Colour other, double share) {
        return new Colour(mix(red, other.red, share), mix(green, other.green, share), mix(blue, other.blue, share));
    }

    /**
     * The colour nearest to this one, towards black or white, that stands against {@code ground} with at least
     * {@code ratio}; black or white itself when none between does.
     */
    public Colour passing(Colour ground, double ratio) {
        Colour end = ground.luminance() > 0.18 ? new Colour(0, 0, 0) : new Colour(255, 255, 255);
        for (int step = 0; step <= 100; step++) {
            Colour mixed = mix(end, step / 100.0);
            if (mixed.contrast(ground) >= ratio) {
                return mixed;
            }
        }
        return end;
    }

    private static int mix(int a, int b, double share) {
        return (int) Math.round(a + (b - a) * share);
    }

    private static double linear(int channel) {
        double c = channel / WHOLE;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
}
