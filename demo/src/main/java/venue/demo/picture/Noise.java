package venue.demo.picture;

/** Smooth chance over a plane: the same seed gives the same at every place. */
final class Noise {

    private static final double HALF = 0.5;

    private final long seed;

    Noise(long seed) {
        this.seed = seed;
    }

    /** Several octaves on top of each other, each half as large and half as strong; 0 to 1. */
    double at(double x, double y, int octaves) {
        double sum = 0;
        double all = 0;
        double strength = 1;
        double px = x;
        double py = y;
        for (int i = 0; i < octaves; i++) {
            sum += strength * one(px, py, i);
            all += strength;
            strength *= HALF;
            px = px * 2 + 17.3;
            py = py * 2 + 9.1;
        }
        return sum / all;
    }

    private double one(double x, double y, int octave) {
        long ix = (long) Math.floor(x);
        long iy = (long) Math.floor(y);
        double fx = ease(x - ix);
        double fy = ease(y - iy);
        double above = mix(corner(ix, iy, octave), corner(ix + 1, iy, octave), fx);
        double beneath = mix(corner(ix, iy + 1, octave), corner(ix + 1, iy + 1, octave), fx);
        return mix(above, beneath, fy);
    }

    private double corner(long x, long y, int octave) {
        long h = seed * 0x9E3779B97F4A7C15L + x * 0xC2B2AE3D27D4EB4FL + y * 0x165667B19E3779F9L + octave * 0x27D4EB2FL;
        h = (h ^ (h >>> 31)) * 0xBF58476D1CE4E5B9L;
        h = (h ^ (h >>> 29)) * 0x94D049BB133111EBL;
        return ((h ^ (h >>> 32)) & 0xFFFFFF) / (double) 0xFFFFFF;
    }

    static double mix(double a, double b, double share) {
        return a + (b - a) * share;
    }

    /** 0 below {@code from}, 1 above {@code to}, and smooth between. */
    static double step(double from, double to, double x) {
        return ease(Math.max(0, Math.min(1, (x - from) / (to - from))));
    }

    private static double ease(double x) {
        return x * x * (3 - 2 * x);
    }
}
