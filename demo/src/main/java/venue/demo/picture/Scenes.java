package venue.demo.picture;

/** The pictures that can be drawn, each as a JPEG. The same number gives the same picture. */
public final class Scenes {

    private static final int WIDE = 1600;
    private static final int HIGH = 900;
    private static final int SLATE = 0x5E6A78;

    private Scenes() {}

    /** The Milky Way over the lit dome. */
    public static byte[] milkyWay(long seed) {
        Plate plate = new Plate(WIDE, HIGH, seed);
        Night.fade(plate, 0.84, 0x070C1B, 0x1B3A5E, 0xC58A66);
        Night.stars(plate, 900, 0.86);
        Night.band(plate, WIDE * 0.62, WIDE * 0.98);
        Moor.ridges(plate, 0.78, 4, 0x8D7B78);
        return plate.drawn(pen -> Figures.dome(pen, WIDE * 0.27, HIGH * 0.91, 92))
                .jpeg();
    }

    /** Stars drawn into arcs about the pole, over a small dome. */
    public static byte[] trails(long seed, double poleX) {
        Plate plate = new Plate(WIDE, HIGH, seed);
        Night.fade(plate, 0.86, 0x0A1528, 0x1F4468, 0xA98368);
        Night.trails(plate, WIDE * poleX, HIGH * 0.42, 26);
        Moor.ridges(plate, 0.82, 3, 0x77706F);
        return plate.drawn(pen -> Figures.dome(pen, WIDE * poleX + 40, HIGH * 0.94, 66))
                .jpeg();
    }

    /** Winter stars over snow-pale ridges, and nobody about. */
    public static byte[] winter(long seed) {
        Plate plate = new Plate(WIDE, HIGH, seed);
        Night.fade(plate, 0.8, 0x0C1630, 0x2A4C78, 0x9FB2C4);
        Night.stars(plate, 1500, 0.82);
        Moor.ridges(plate, 0.72, 5, SLATE);
        return plate.jpeg();
    }

    /** The moon, lit from so many degrees to the left. */
    public static byte[] moon(long seed, double light) {
        Plate plate = new Plate(WIDE, 1200, seed);
        plate.shade((x, y, at) -> Plate.mix(at, 0x050A14, 1));
        Night.stars(plate, 130, 1);
        Moon.rise(plate, WIDE * 0.5, 600, 460, light);
        return plate.jpeg();
    }

    /** The moon rising large over the moor. */
    public static byte[] moonrise(long seed) {
        Plate plate = new Plate(WIDE, HIGH, seed);
        Night.fade(plate, 0.84, 0x1A1B33, 0x5B4560, 0xE79C6C);
        Night.stars(plate, 160, 0.5);
        Moon.rise(plate, WIDE * 0.66, HIGH * 0.52, 170, 12);
        Moor.ridges(plate, 0.74, 4, 0x94727A);
        return plate.drawn(pen -> {
                    for (int i = 0; i < 3; i++) {
                        Figures.person(pen, WIDE * 0.3 + i * 58, HIGH * 0.93, 150 - 18 * (i % 2), 0.02);
                    }
                })
                .jpeg();
    }

    public static byte[] nebula(long seed) {
        Plate plate = Night.nebula(new Plate(WIDE, 1200, seed));
        Night.stars(plate, 900, 1.5);
        return plate.jpeg();
    }

    /** A group at dusk, waiting by a telescope. */
    public static byte[] dusk(long seed) {
        Plate plate = new Plate(WIDE, 1200, seed);
        Night.fade(plate, 0.86, 0x14213F, 0x46688F, 0xF0A875);
        Night.stars(plate, 170, 0.75);
        Moor.ridges(plate, 0.81, 3, 0x9C8781);
        return plate.drawn(pen -> {
                    double foot = 1200 * 0.955;
                    double[] tall = {208, 178, 217, 155};
                    for (int i = 0; i < tall.length; i++) {
                        Figures.person(pen, WIDE * 0.3 + i * 55, foot, tall[i], 0.01 * (i - 1));
                    }
                    Figures.person(pen, WIDE * 0.62, foot, 202, 0.04);
                    Figures.telescope(pen, WIDE * 0.685, foot, 205, 40);
                })
                .jpeg();
    }

    /** One of the eight instruments at its work. */
    public static byte[] instrument(int number) {
        return Instruments.of(number).jpeg();
    }

    /** One of five people. */
    public static byte[] person(int number) {
        return People.of(number).jpeg();
    }
}
