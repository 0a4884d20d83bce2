package venue.demo.picture;

import static venue.demo.picture.Figures.DARK;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;

/** People of the observatory as figures against the sky that each likes best: nobody in particular. */
final class People {

    private static final int WIDE = 960;
    private static final int HIGH = 1200;
    /** Of a figure, so that the sky has the larger part. */
    private static final double SIZE = 0.84;

    private People() {}

    static Plate of(int number) {
        Plate plate = new Plate(WIDE, HIGH, 300L + number);
        switch (number) {
            case 1 -> {
                Night.fade(plate, 0.9, 0x16264A, 0x4C6A92, 0xF0AE7C);
                Night.stars(plate, 120, 0.6);
                Moor.ridges(plate, 0.82, 2, 0xB08F84);
            }
            case 2 -> {
                Night.fade(plate, 1, 0x0A1322, 0x1D3A58, 0x66707C);
                Night.trails(plate, WIDE * 0.62, HIGH * 0.3, 22);
            }
            case 3 -> {
                Night.fade(plate, 1, 0x2B2033, 0x8A5A63, 0xE9B48C);
                Moor.ridges(plate, 0.78, 3, 0xC09A8C);
            }
            case 4 -> {
                Night.fade(plate, 1, 0x060A14, 0x14243D, 0x3F4656);
                Night.stars(plate, 800, 1.1);
                Night.band(plate, WIDE * 0.8, WIDE * 0.25);
            }
            default -> {
                Night.fade(plate, 1, 0x0B111C, 0x1A2836, 0x38444D);
                Moon.rise(plate, WIDE * 0.68, HIGH * 0.3, 190, 40);
            }
        }
        return plate.drawn(pen -> bust(pen, number));
    }

    /** Head and shoulders, with what the head wears. */
    private static void bust(Graphics2D pen, int number) {
        double x = WIDE * (number % 2 == 0 ? 0.44 : 0.54);
        double wide = 300 + 24 * (number * 3 % 4);
        pen.translate(x, HIGH);
        pen.scale(SIZE, SIZE);
        pen.translate(-x, -HIGH);
        pen.setColor(DARK);
        Path2D coat = new Path2D.Double();
        coat.moveTo(x - wide, HIGH);
        coat.curveTo(x - wide * 0.98, HIGH - 230, x - wide * 0.86, HIGH - 300, x - 104, HIGH - 402);
        coat.lineTo(x - 84, HIGH - 452);
        coat.lineTo(x + 84, HIGH - 452);
        coat.lineTo(x + 104, HIGH - 402);
        coat.curveTo(x + wide * 0.86, HIGH - 300, x + wide * 0.98, HIGH - 230, x + wide, HIGH);
        coat.closePath();
        pen.fill(coat);
        pen.fill(new Rectangle2D.Double(x - 62, HIGH - 500, 124, 130));
        double head = HIGH - 742;
        pen.fill(new Ellipse2D.Double(x - 122, head, 244, 312));
        switch (number) {
            case 1 -> knitted(pen, x, head);
            case 2 -> pen.fill(new Ellipse2D.Double(x - 66, head - 84, 132, 124));
            case 3 -> brimmed(pen, x, head);
            case 4 -> scarf(pen, x, head);
            default -> {
                pen.fill(new Ellipse2D.Double(x - 136, head - 26, 272, 236));
                Path2D tail = new Path2D.Double();
                tail.moveTo(x - 96, head + 60);
                tail.curveTo(x - 250, head + 40, x - 236, head + 240, x - 204, head + 372);
                tail.curveTo(x - 176, head + 250, x - 150, head + 190, x - 84, head + 150);
                tail.closePath();
                pen.fill(tail);
            }
        }
        pen.setColor(new Color(255, 226, 190, 26));
        pen.setStroke(new BasicStroke(3f));
        pen.draw(coat);
    }

    private static void knitted(Graphics2D pen, double x, double head) {
        pen.fill(new RoundRectangle2D.Double(x - 132, head - 34, 264, 210, 230, 210));
        pen.fill(new RoundRectangle2D.Double(x - 142, head + 78, 284, 54, 30, 30));
        pen.fill(new Ellipse2D.Double(x - 38, head - 92, 76, 76));
    }

    private static void brimmed(Graphics2D pen, double x, double head) {
        pen.fill(new Ellipse2D.Double(x - 240, head + 62, 480, 72));
        pen.fill(new RoundRectangle2D.Double(x - 122, head - 58, 244, 168, 120, 110));
    }

    private static void scarf(Graphics2D pen, double x, double head) {
        pen.fill(new Ellipse2D.Double(x - 140, head - 22, 280, 210));
        pen.fill(new RoundRectangle2D.Double(x - 150, head + 262, 300, 120, 90, 90));
        Path2D end = new Path2D.Double();
        end.moveTo(x + 90, head + 300);
        end.curveTo(x + 250, head + 300, x + 300, head + 250, x + 390, head + 276);
        end.lineTo(x + 372, head + 350);
        end.curveTo(x + 290, head + 330, x + 230, head + 380, x + 90, head + 376);
        end.closePath();
        pen.fill(end);
    }
}
