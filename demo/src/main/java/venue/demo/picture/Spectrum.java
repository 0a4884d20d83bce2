package venue.demo.picture;

import java.awt.Color;
import java.awt.geom.Rectangle2D;

/** The colours of the sun along a white wall, with the lines in which light is missing. */
final class Spectrum {

    private Spectrum() {}

    static Plate on(Plate plate) {
        Noise wall = new Noise(plate.chance.nextLong());
        double[] lines = plate.chance.doubles(64).toArray();
        plate.shade((x, y, at) -> {
            Plate.mix(at, 0x2A211B, 1);
            Plate.plus(
                    at,
                    0x8A6F58,
                    0.35 * Noise.step(1.2, 0.1, y / plate.height) + 0.22 * (wall.at(x / 160, y / 40, 4) - 0.4));
            double across = (x - 130) / (plate.width - 260.0);
            double lean = y - (520 - 90 * across);
            double lit = Noise.step(-128, -112, lean)
                    * (1 - Noise.step(112, 128, lean))
                    * Noise.step(-0.02, 0.03, across)
                    * (1 - Noise.step(0.97, 1.02, across));
            double missing = 0;
            for (int i = 0; i < lines.length; i++) {
                double wide = 0.0006 + 0.0014 * lines[(i + 7) % lines.length];
                missing = Math.max(
                        missing,
                        (0.25 + 0.6 * lines[(i + 3) % lines.length])
                                * Math.exp(-Math.pow((across - lines[i]) / wide, 2)));
            }
            int hue = Color.HSBtoRGB((float) (0.78 * (1 - Math.min(1, Math.max(0, across)))), 0.72f, 1f);
            Plate.plus(
                    at, hue, lit * (1 - missing) * (0.55 + 0.3 * Math.sin(Math.PI * Math.min(1, Math.max(0, across)))));
            Plate.plus(
                    at,
                    hue,
                    0.1 * Math.exp(-Math.pow(lean / 260, 2)) * Noise.step(0, 0.2, across) * Noise.step(1, 0.8, across));
        });
        return room(plate);
    }

    /** What stands in the room before the wall. */
    private static Plate room(Plate plate) {
        return plate.drawn(pen -> {
            pen.setColor(new Color(0x17110D));
            pen.fill(new Rectangle2D.Double(0, 930, plate.width, 120));
            Figures.person(pen, 1120, 960, 430, 0.02);
            pen.setColor(new Color(0x17110D));
            pen.fill(new Rectangle2D.Double(120, 780, 330, 26));
            pen.fill(new Rectangle2D.Double(150, 800, 22, 150));
            pen.fill(new Rectangle2D.Double(400, 800, 22, 150));
            pen.fill(new Rectangle2D.Double(210, 690, 120, 92));
        });
    }
}
