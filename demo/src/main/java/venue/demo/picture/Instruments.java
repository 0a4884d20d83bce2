package venue.demo.picture;

import static venue.demo.picture.Figures.DARK;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.QuadCurve2D;
import java.awt.geom.Rectangle2D;

/** The eight instruments, each at the work that it is for. */
final class Instruments {

    private static final int WIDE = 1400;
    private static final int HIGH = 1050;
    private static final Color BRASS = new Color(0xB98A4A);
    private static final Color STEEL = new Color(0x3B4752);

    private Instruments() {}

    static Plate of(int number) {
        Plate plate = new Plate(WIDE, HIGH, 100L + number);
        return switch (number) {
            case 1 -> refractor(plate);
            case 2 -> dish(plate);
            case 3 -> Spectrum.on(plate);
            case 4 -> reflector(plate);
            case 5 -> comet(plate);
            case 6 -> twins(plate);
            case 7 -> meridian(plate);
            default -> lent(plate);
        };
    }

    /** Long and of brass, beneath the open slit of its dome. */
    private static Plate refractor(Plate plate) {
        Night.fade(plate, 1.05, 0x0B1526, 0x1E3A5A, 0x6A6A74);
        Night.stars(plate, 900, 1.1);
        return plate.drawn(pen -> {
            Path2D dome = new Path2D.Double(Path2D.WIND_EVEN_ODD);
            dome.append(new Rectangle2D.Double(0, 0, WIDE, HIGH), false);
            dome.append(slit(430, 1010, 760), false);
            pen.setColor(new Color(0x120E0B));
            pen.fill(dome);
            pen.setStroke(new BasicStroke(3));
            for (int rib = 0; rib < 9; rib++) {
                pen.setColor(new Color(196, 138, 78, 26));
                pen.draw(new QuadCurve2D.Double(-200 + rib * 70, HIGH, 150 + rib * 40, 120, 700, -160));
                pen.draw(new QuadCurve2D.Double(WIDE + 200 - rib * 70, HIGH, 1250 - rib * 40, 120, 700, -160));
            }
            pen.setPaint(new RadialGradientPaint(
                    520f, 1080f, 640f, new float[] {0, 1}, new Color[] {new Color(214, 140, 70, 84), new Color(0, true)
                    }));
            pen.fillRect(0, 0, WIDE, HIGH);
            pier(pen, 560, 720, 84);
            tube(pen, 560, 660, 780, 62, 52, BRASS);
        });
    }

    /** The slit of a dome: straight sides beneath a round top. */
    private static Path2D slit(double left, double right, double foot) {
        Path2D slit = new Path2D.Double();
        slit.moveTo(left, foot);
        slit.curveTo(left + 40, 300, left + 120, 60, left + 190, -20);
        slit.lineTo(right - 190, -20);
        slit.curveTo(right - 120, 60, right - 40, 300, right, foot);
        slit.closePath();
        return slit;
    }

    /** A dish of mesh against the first light. */
    private static Plate dish(Plate plate) {
        Night.fade(plate, 0.86, 0x23324F, 0x8A6F86, 0xF0B58A);
        Night.stars(plate, 120, 0.5);
        Moor.ridges(plate, 0.78, 3, 0xB88F86);
        return plate.drawn(pen -> {
            pen.setColor(DARK);
            Path2D tower = new Path2D.Double();
            tower.moveTo(640, 590);
            tower.lineTo(720, 590);
            tower.lineTo(780, 960);
            tower.lineTo(580, 960);
            tower.closePath();
            pen.fill(tower);
            pen.translate(680, 560);
            pen.rotate(-0.62);
            pen.setColor(new Color(10, 15, 19, 150));
            pen.fill(new Arc2D.Double(-360, -420, 720, 480, 180, 180, Arc2D.CHORD));
            pen.setColor(DARK);
            pen.setStroke(new BasicStroke(9));
            pen.draw(new Arc2D.Double(-360, -420, 720, 480, 180, 180, Arc2D.OPEN));
            pen.setClip(new Arc2D.Double(-364, -424, 728, 488, 180, 180, Arc2D.CHORD));
            pen.setStroke(new BasicStroke(3));
            for (int i = -5; i <= 5; i++) {
                pen.draw(new QuadCurve2D.Double(i * 71, -180, i * 40, -20, 0, 62));
            }
            for (int i = 1; i < 4; i++) {
                pen.draw(new Arc2D.Double(
                        -360 + i * 22, -420 - i * 8, 720 - i * 44, 480 - i * 90, 180, 180, Arc2D.OPEN));
            }
            pen.setClip(null);
            pen.setStroke(new BasicStroke(7));
            for (int side : new int[] {-300, 0, 300}) {
                pen.draw(new Line2D.Double(side, side == 0 ? 50 : -120, 0, -470));
            }
            pen.fill(new Rectangle2D.Double(-32, -520, 64, 70));
        });
    }

    /** An open tube of struts under the roof that rolls off. */
    private static Plate reflector(Plate plate) {
        Night.fade(plate, 1.0, 0x070C18, 0x172844, 0x4B4A58);
        Night.stars(plate, 1100, 1.1);
        Night.band(plate, WIDE * 0.72, WIDE * 0.3);
        return plate.drawn(pen -> {
            pen.setColor(DARK);
            pen.fill(new Rectangle2D.Double(0, 850, WIDE, 200));
            Path2D roof = new Path2D.Double();
            roof.moveTo(1010, 850);
            roof.lineTo(1010, 640);
            roof.lineTo(1230, 520);
            roof.lineTo(WIDE, 560);
            roof.lineTo(WIDE, 850);
            roof.closePath();
            pen.fill(roof);
            pier(pen, 560, 820, 150);
            pen.translate(560, 690);
            pen.rotate(-0.95);
            pen.setColor(DARK);
            pen.fill(new Rectangle2D.Double(-190, -125, 230, 250));
            pen.fill(new Rectangle2D.Double(420, -118, 70, 236));
            pen.setStroke(new BasicStroke(9));
            for (int side : new int[] {-112, 0, 112}) {
                pen.draw(new Line2D.Double(30, side, 430, -104));
                pen.draw(new Line2D.Double(30, side, 430, 104));
            }
            pen.setColor(new Color(217, 152, 90, 120));
            pen.fill(new Rectangle2D.Double(-196, -96, 8, 192));
        });
    }

    /** Short and quick, towards a comet over the hills. */
    private static Plate comet(Plate plate) {
        Night.fade(plate, 0.84, 0x101B33, 0x2F4F74, 0xD59A73);
        Night.stars(plate, 700, 0.8);
        Noise ragged = new Noise(plate.chance.nextLong());
        double hx = 980;
        double hy = 470;
        plate.shade((x, y, at) -> {
            double along = ((x - hx) * 0.55 - (y - hy) * 0.83) / 620;
            double off = ((x - hx) * 0.83 + (y - hy) * 0.55) / 620;
            if (along > -0.02) {
                double bent = off - 0.16 * along * along;
                double wide = 0.018 + 0.13 * along;
                double tail = Math.exp(-Math.pow(bent / wide, 2)) * Math.exp(-along * 1.9);
                Plate.plus(at, 0xE9E2CF, 0.62 * tail * (0.55 + 0.6 * ragged.at(along * 5, bent * 60, 4)));
                Plate.plus(
                        at,
                        0x7FB0FF,
                        0.42
                                * Math.exp(-Math.pow((off + 0.1 * along) / (0.01 + 0.03 * along), 2))
                                * Math.exp(-along * 1.4));
            }
        });
        plate.glow(hx, hy, 16, 0xFFF6E0, 1.1);
        plate.glow(hx, hy, 46, 0xDDEBFF, 0.3);
        Moor.ridges(plate, 0.76, 3, 0x9C8580);
        return plate.drawn(pen -> {
            pier(pen, 430, 900, 56);
            tube(pen, 430, 740, 400, 150, 58, STEEL);
            Figures.person(pen, 250, 985, 330, 0.04);
        });
    }

    /** Two cameras on one mount before what they photograph. */
    private static Plate twins(Plate plate) {
        Night.nebula(plate);
        Night.stars(plate, 1300, 1.4);
        return plate.drawn(pen -> {
            pier(pen, 660, 900, 120);
            tube(pen, 560, 700, 640, 96, 60, STEEL);
            tube(pen, 720, 740, 640, 96, 60, STEEL);
            pen.setColor(new Color(0xC23B3B));
            pen.fill(new Ellipse2D.Double(398, 930, 14, 14));
            pen.setColor(new Color(0x4B7BE0));
            pen.fill(new Ellipse2D.Double(560, 966, 14, 14));
        });
    }

    /** A tube that only turns upright, between two piers, before a great divided circle. */
    private static Plate meridian(Plate plate) {
        Night.fade(plate, 1.1, 0x0A1424, 0x20415F, 0x8B7C77);
        Night.trails(plate, 700, 1250, 9);
        return plate.drawn(pen -> {
            Path2D room = new Path2D.Double(Path2D.WIND_EVEN_ODD);
            room.append(new Rectangle2D.Double(0, 0, WIDE, HIGH), false);
            room.append(new Rectangle2D.Double(560, 0, 280, HIGH), false);
            pen.setColor(new Color(0x16110E));
            pen.fill(room);
            pen.setPaint(new RadialGradientPaint(
                    1060f, 860f, 620f, new float[] {0, 1}, new Color[] {new Color(220, 150, 80, 96), new Color(0, true)
                    }));
            pen.fillRect(0, 0, WIDE, HIGH);
            pen.setColor(new Color(0x241C16));
            pen.fill(new Rectangle2D.Double(380, 560, 150, 490));
            pen.fill(new Rectangle2D.Double(870, 560, 150, 490));
            pen.setColor(BRASS);
            pen.setStroke(new BasicStroke(16));
            pen.draw(new Ellipse2D.Double(440, 360, 400, 400));
            pen.setStroke(new BasicStroke(3));
            for (int mark = 0; mark < 72; mark++) {
                double a = Math.toRadians(mark * 5);
                double in = mark % 6 == 0 ? 156 : 174;
                pen.draw(new Line2D.Double(
                        640 + in * Math.cos(a),
                        560 + in * Math.sin(a),
                        640 + 192 * Math.cos(a),
                        560 + 192 * Math.sin(a)));
            }
            pen.fill(new Rectangle2D.Double(520, 546, 370, 28));
            tube(pen, 720, 560, 620, 84, 78, BRASS);
        });
    }

    /** Six in a row on the east bank, and those who borrow them. */
    private static Plate lent(Plate plate) {
        Night.fade(plate, 0.84, 0x14233F, 0x3E5F86, 0xEBA878);
        Night.stars(plate, 260, 0.7);
        Moor.ridges(plate, 0.77, 3, 0xA88A80);
        return plate.drawn(pen -> {
            for (int i = 0; i < 6; i++) {
                double x = 170 + i * 205;
                pen.setColor(DARK);
                pen.fill(new Rectangle2D.Double(x - 34, 850, 68, 110));
                pen.fill(new Arc2D.Double(x - 34, 816, 68, 68, 0, 180, Arc2D.PIE));
                AffineTransform kept = pen.getTransform();
                pen.translate(x, 850);
                pen.rotate(-Math.toRadians(42 + 7 * (i * 5 % 4)));
                pen.fill(new Rectangle2D.Double(-70, -25, 230, 50));
                pen.setTransform(kept);
                if (i % 2 == 0) {
                    Figures.person(pen, x - 88, 972, 250 - 26 * (i % 3), 0.05);
                }
            }
        });
    }

    private static void pier(Graphics2D pen, double x, double top, double wide) {
        pen.setColor(DARK);
        Path2D pier = new Path2D.Double();
        pier.moveTo(x - wide * 0.36, top - 60);
        pier.lineTo(x + wide * 0.36, top - 60);
        pier.lineTo(x + wide * 0.62, HIGH);
        pier.lineTo(x - wide * 0.62, HIGH);
        pier.closePath();
        pen.fill(pier);
    }

    /** A closed tube about its mount, turned upwards by so many degrees, with light along its upper side. */
    private static void tube(
            Graphics2D pen, double x, double y, double length, double thick, double degrees, Color of) {
        AffineTransform kept = pen.getTransform();
        pen.translate(x, y);
        pen.rotate(-Math.toRadians(degrees));
        pen.setColor(DARK);
        pen.fill(new Rectangle2D.Double(-length * 0.4, -thick / 2, length, thick));
        pen.fill(new Rectangle2D.Double(length * 0.5, -thick * 0.64, length * 0.13, thick * 1.28));
        pen.fill(new Rectangle2D.Double(-length * 0.52, -thick * 0.22, length * 0.13, thick * 0.44));
        pen.setColor(of);
        pen.fill(new Rectangle2D.Double(-length * 0.4, -thick / 2, length, thick * 0.1));
        pen.fill(new Rectangle2D.Double(length * 0.5, -thick * 0.64, length * 0.13, thick * 0.09));
        pen.fill(new Rectangle2D.Double(-length * 0.06, -thick / 2, thick * 0.12, thick));
        pen.setColor(DARK);
        pen.fill(new Ellipse2D.Double(-thick * 0.42, -thick * 0.42, thick * 0.84, thick * 0.84));
        pen.setTransform(kept);
    }
}
