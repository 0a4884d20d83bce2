package venue.core.model.theme;

/**
 * A colour by lightness (0 to 1), chroma (0 to about 0.4) and hue (degrees), in the OKLCH space of CSS Color 4: equal steps look equal,
 * so that colours can be made of each other.
 */
record Oklch(double lightness, double chroma, double hue) {

    private static final double WHOLE = 255;

    static Oklch of(Colour colour) {
        double r = linear(colour.red());
        double g = linear(colour.green());
        double b = linear(colour.blue());
        double l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
        double m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
        double s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
        double light = 0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s;
        double a = 1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s;
        double bb = 0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s;
        return new Oklch(light, Math.hypot(a, bb), (Math.toDegrees(Math.atan2(bb, a)) + 360) % 360);
    }

    Oklch with(double otherLightness, double otherChroma) {
        return new Oklch(otherLightness, otherChroma, hue);
    }

    Oklch turned(double degrees) {
        return new Oklch(lightness, chroma, (hue + degrees + 360) % 360);
    }

    /** The colour in sRGB; what lies outside it is brought in by giving up chroma. */
    Colour colour() {
        double most = chroma;
        double least = 0;
        if (fits(most)) {
            return rgb(most);
        }
        for (int i = 0; i < 16; i++) {
            double middle = (most + least) / 2;
            if (fits(middle)) {
                least = middle;
            } else {
                most = middle;
            }
        }
        return rgb(least);
    }

    private boolean fits(double someChroma) {
        for (double channel : channels(someChroma)) {
            if (channel < -0.0005 || channel > 1.0005) {
                return false;
            }
        }
        return true;
    }

    private Colour rgb(double someChroma) {
        double[] c = channels(someChroma);
        return new Colour(whole(c[0]), whole(c[1]), whole(c[2]));
    }

    /** Linear light, red, green and blue. */
    private double[] channels(double someChroma) {
        double a = someChroma * Math.cos(Math.toRadians(hue));
        double b = someChroma * Math.sin(Math.toRadians(hue));
        double l = cube(lightness + 0.3963377774 * a + 0.2158037573 * b);
        double m = cube(lightness - 0.1055613458 * a - 0.0638541728 * b);
        double s = cube(lightness - 0.0894841775 * a - 1.2914855480 * b);
        return new double[] {
            4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
            -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
            -0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s
        };
    }

    private static double cube(double x) {
        return x * x * x;
    }

    private static int whole(double light) {
        double c = light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
        return (int) Math.round(Math.max(0, Math.min(1, c)) * WHOLE);
    }

    private static double linear(int channel) {
        double c = channel / WHOLE;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
}
