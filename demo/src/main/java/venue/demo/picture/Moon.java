package venue.demo.picture;

/** The moon as a field of craters, lit from the side. */
final class Moon {

    private static final int CRATERS = 230;

    private final double[][] craters = new double[CRATERS][3];
    private final Noise rough;
    private final Noise seas;

    private Moon(Plate plate) {
        rough = new Noise(plate.chance.nextLong());
        seas = new Noise(plate.chance.nextLong());
        for (double[] c : craters) {
            double turn = plate.chance.nextDouble() * 2 * Math.PI;
            double out = Math.sqrt(plate.chance.nextDouble()) * 0.97;
            c[0] = out * Math.cos(turn);
            c[1] = out * Math.sin(turn);
            c[2] = 0.012 + 0.1 * Math.pow(plate.chance.nextDouble(), 4);
        }
    }

    /**
     * Draws it with its middle at a place.
     *
     * @param light where the sun stands, in degrees to the left of whoever looks: 90 gives a half moon
     */
    static void rise(Plate plate, double cx, double cy, double radius, double light) {
        Moon moon = new Moon(plate);
        double sx = -Math.sin(Math.toRadians(light));
        double sz = Math.cos(Math.toRadians(light));
        double grain = 1.4 / radius;
        plate.glow(cx, cy, radius * 1.25, 0x6E7486, 0.1);
        plate.shade((x, y, at) -> {
            double u = (x - cx) / radius;
            double v = (y - cy) / radius;
            double out = Math.hypot(u, v);
            if (out < 1 + grain) {
                double z = Math.sqrt(Math.max(0, 1 - out * out));
                double h = moon.height(u, v);
                double nx = u - (moon.height(u + grain, v) - h) / grain;
                double ny = v - (moon.height(u, v + grain) - h) / grain;
                double lit = (nx * sx + z * sz - ny * 0.12) / Math.sqrt(nx * nx + ny * ny + z * z);
                double sea = 0.6 + 0.42 * Noise.step(0.4, 0.62, moon.seas.at(u * 1.6 + 7, v * 1.6, 4));
                double shine = Math.pow(Math.max(0, lit), 0.8) * sea;
                double edge = Math.min(1, (1 + grain - out) / grain);
                for (int c = 0; c < 3; c++) {
                    at[c] = Noise.mix(at[c], 0.012 * (c + 1), edge);
                }
                Plate.plus(at, 0xF4EBDA, 1.12 * shine * edge);
            }
        });
    }

    private double height(double u, double v) {
        double h = 0.05 * rough.at(u * 6 + 40, v * 6, 6);
        for (double[] c : craters) {
            double d = Math.hypot(u - c[0], v - c[1]) / c[2];
            if (d < 1.5) {
                double bowl = d < 1 ? (d * d - 1) * 0.3 : 0;
                double rim = Math.exp(-Math.pow((d - 1) / 0.17, 2)) * 0.15;
                h += c[2] * (bowl + rim);
            }
        }
        return h;
    }
}
