package venue.demo.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.geom.Arc2D;
import java.util.Random;

/** Skies: how they fade towards the horizon, and what stands in them. */
final class Night {

    private static final int STARLIGHT = 0xF6F0E4;
    private static final int BLUE_STAR = 0xC9DAFF;
    private static final int RED_STAR = 0xFFD9B8;

    private Night() {}

    /**
     * A clear sky that fades from above to the glow over the horizon.
     *
     * @param horizon how far down the horizon stands, as a share of the height
     */
    static Plate fade(Plate plate, double horizon, int top, int middle, int glow) {
        Noise haze = new Noise(plate.chance.nextLong());
        return plate.shade((x, y, at) -> {
            double down = y / (plate.height * horizon) + 0.05 * (haze.at(x / 520, y / 180, 3) - 0.5);
            Plate.mix(at, top, 1);
            Plate.mix(at, middle, Noise.step(0.1, 0.85, down));
            Plate.mix(at, glow, Noise.step(0.62, 1.02, down));
        });
    }

    /** Stars by a power law: many faint ones, few bright; fewer near the glow. */
    static void stars(Plate plate, int count, double horizon) {
        Random chance = plate.chance;
        for (int i = 0; i < 2 * count; i++) {
            double y = chance.nextDouble() * plate.height * horizon;
            double dim = 1 - 0.85 * Math.pow(y / (plate.height * horizon), 3);
            double bright = Math.min(1, 0.085 / Math.pow(1 - chance.nextDouble() * 0.985, 0.8)) * dim;
            int colour = i % 7 == 0 ? BLUE_STAR : i % 11 == 0 ? RED_STAR : STARLIGHT;
            double x = chance.nextDouble() * plate.width;
            plate.glow(x, y, 0.8 + bright * 1.2, colour, 0.16 + 1.1 * bright);
            if (bright > 0.6) {
                plate.glow(x, y, 7, colour, 0.12 * bright);
            }
        }
    }

    /** The band of the Milky Way: a cloud of light along a line, cut by dark dust. */
    static void band(Plate plate, double fromX, double toX) {
        Noise cloud = new Noise(plate.chance.nextLong());
        Noise dust = new Noise(plate.chance.nextLong());
        double slope = (toX - fromX) / plate.height;
        plate.shade((x, y, at) -> {
            double off = (x - fromX - slope * y) / plate.width / Math.sqrt(1 + slope * slope);
            double wide = Math.exp(-off * off * 90) * (1 - 0.75 * y / plate.height);
            double core = Math.exp(-off * off * 420);
            double cut = Noise.step(0.42, 0.66, dust.at(x / 190 + 3 * off, y / 190, 5)) * Math.exp(-off * off * 500);
            double body = wide * Math.pow(cloud.at(x / 150, y / 150, 6), 1.7) * (1 - 0.8 * cut);
            Plate.plus(at, 0x9C93A8, body * 1.0);
            Plate.plus(at, 0xD9BFA6, core * body * 0.55);
        });
        for (int i = 0; i < 1300; i++) {
            double y = plate.chance.nextDouble() * plate.height * 0.8;
            double x = fromX + slope * y + plate.chance.nextGaussian() * plate.width * 0.075;
            plate.glow(x, y, 0.6, STARLIGHT, 0.25 * plate.chance.nextDouble());
        }
    }

    /** Stars drawn into arcs by the turning of the sky about one pole; all as long as the exposure took. */
    static void trails(Plate plate, double poleX, double poleY, double degrees) {
        Random chance = plate.chance;
        plate.drawn(pen -> {
            for (int i = 0; i < 560; i++) {
                double r = 6 + Math.pow(chance.nextDouble(), 0.75) * plate.width * 0.95;
                double from = chance.nextDouble() * 360;
                double bright = Math.min(1, 0.09 / Math.pow(1 - chance.nextDouble() * 0.98, 0.7));
                pen.setStroke(
                        new BasicStroke((float) (0.9 + bright * 1.5), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                int tint = i % 6 == 0 ? 0xCFE0FF : i % 9 == 0 ? 0xFFDFC2 : 0xF2EEE6;
                pen.setColor(new Color(
                        tint >> 16 & 255, tint >> 8 & 255, tint & 255, Math.min(255, (int) (58 + 190 * bright))));
                double length = degrees * (0.94 + 0.12 * chance.nextDouble());
                pen.draw(new Arc2D.Double(poleX - r, poleY - r, 2 * r, 2 * r, from, length, Arc2D.OPEN));
            }
        });
    }

    /** A nebula: clouds shaped by a falloff, lit from within, and cut by darker ones. */
    static Plate nebula(Plate plate) {
        Noise warp = new Noise(plate.chance.nextLong());
        Noise gas = new Noise(plate.chance.nextLong());
        Noise dark = new Noise(plate.chance.nextLong());
        return plate.shade((x, y, at) -> {
            double u = (x - plate.width / 2.0) / plate.width + 0.16 * (warp.at(x / 300, y / 300, 4) - 0.5);
            double v = (y - plate.height / 2.0) / plate.width + 0.16 * (warp.at(x / 300 + 50, y / 300, 4) - 0.5);
            double far = Math.hypot(u, v * 1.35);
            double cloud = Math.pow(gas.at(x / 210, y / 210, 7), 1.6);
            double cut = Noise.step(0.46, 0.72, dark.at(x / 240, y / 240, 6));
            Plate.mix(at, 0x05060C, 1);
            Plate.plus(at, 0x9A3A2E, 1.7 * cloud * Math.exp(-Math.pow(far / 0.34, 2)) * (1 - 0.75 * cut));
            Plate.plus(at, 0x2F6FD8, 2.0 * cloud * Math.exp(-Math.pow(far / 0.2, 2)) * (1 - 0.85 * cut));
            Plate.plus(at, 0xB8DCFF, 1.3 * cloud * cloud * Math.exp(-Math.pow(far / 0.1, 2)) * (1 - 0.7 * cut));
        });
    }
}
