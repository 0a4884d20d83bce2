package venue.demo.picture;

import java.util.Arrays;

/** The moor beneath a sky: ridges one behind the other, each paler and bluer the farther it is. */
final class Moor {

    private static final int NEAR = 0x11191D;

    private Moor() {}

    /** @param haze the colour that far ridges fade into, and how many there are with their first height as a share */
    static void ridges(Plate plate, double first, int count, int haze) {
        double[][] tops = new double[count][plate.width];
        for (int k = 0; k < count; k++) {
            Noise shape = new Noise(plate.chance.nextLong());
            double near = (k + 1.0) / count;
            double base = plate.height * Noise.mix(first, 0.965, k / (double) Math.max(1, count - 1));
            double swing = plate.height * Noise.mix(0.05, 0.06, near);
            double wide = plate.width * Noise.mix(0.34, 0.22, near);
            for (int x = 0; x < plate.width; x++) {
                tops[k][x] = base + swing * (shape.at(x / wide, k, 5) - 0.5);
            }
        }
        Noise heather = new Noise(plate.chance.nextLong());
        double[] highest = Arrays.stream(tops)
                .mapToDouble(t -> Arrays.stream(t).min().orElse(0))
                .toArray();
        plate.shade((x, y, at) -> {
            for (int k = 0; k < count; k++) {
                double under = y - tops[k][(int) x];
                if (under > -1) {
                    double near = (k + 1.0) / count;
                    double edge = Math.min(1, under + 1);
                    double mist = (1 - near) * 0.78 + 0.16 * (1 - near) * Noise.step(0, 120, y - highest[k]);
                    double grass =
                            near < 0.6 ? 0 : 0.05 * near * (heather.at(x / (30 * near), y / (9 * near), 3) - 0.5);
                    double[] ground = {grass, grass, grass};
                    Plate.plus(ground, NEAR, 1);
                    Plate.mix(ground, haze, mist);
                    for (int c = 0; c < 3; c++) {
                        at[c] = Noise.mix(at[c], ground[c], edge);
                    }
                }
            }
        });
    }
}
