package venue.demo.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** What stands dark against a sky: the dome, people, a telescope on its legs. Each stands with its feet at a place. */
final class Figures {

    static final Color DARK = new Color(0x0A0F13);
    private static final Color LAMP = new Color(0xD9985A);

    private Figures() {}

    /** The dome with its slit open and a lamp within. */
    static void dome(Graphics2D pen, double x, double foot, double r) {
        pen.setColor(DARK);
        double drum = r * 0.62;
        pen.fill(new Arc2D.Double(x - r, foot - drum - r, 2 * r, 2 * r, 0, 180, Arc2D.CHORD));
        pen.fill(new Rectangle2D.Double(x - r * 0.97, foot - drum - 2, 2 * r * 0.97, drum + 4));
        Path2D slit = new Path2D.Double();
        slit.moveTo(x + r * 0.08, foot - drum);
        slit.lineTo(x + r * 0.08, foot - drum - r * 0.985);
        slit.quadTo(x + r * 0.2, foot - drum - r * 0.99, x + r * 0.3, foot - drum - r * 0.93);
        slit.lineTo(x + r * 0.3, foot - drum);
        slit.closePath();
        pen.setColor(LAMP);
        pen.fill(slit);
        pen.setColor(new Color(255, 255, 255, 16));
        pen.setStroke(new BasicStroke((float) Math.max(1, r * 0.012)));
        pen.draw(new Arc2D.Double(x - r, foot - drum - r, 2 * r, 2 * r, 95, 80, Arc2D.OPEN));
    }

    /** Somebody in a long coat. */
    static void person(Graphics2D pen, double x, double foot, double tall, double lean) {
        AffineTransform kept = pen.getTransform();
        pen.translate(x, foot);
        pen.scale(tall, tall);
        pen.rotate(lean);
        pen.setColor(DARK);
        Path2D coat = new Path2D.Double();
        coat.moveTo(-0.12, 0);
        coat.curveTo(-0.15, -0.35, -0.17, -0.62, -0.12, -0.76);
        coat.curveTo(-0.09, -0.84, 0.09, -0.84, 0.12, -0.76);
        coat.curveTo(0.17, -0.62, 0.15, -0.35, 0.12, 0);
        coat.closePath();
        pen.fill(coat);
        pen.fill(new Ellipse2D.Double(-0.066, -0.985, 0.132, 0.155));
        pen.fill(new Rectangle2D.Double(-0.035, -0.87, 0.07, 0.08));
        pen.setTransform(kept);
    }

    /** A telescope on three legs, as long as told and turned upwards by so many degrees. */
    static void telescope(Graphics2D pen, double x, double foot, double length, double degrees) {
        AffineTransform kept = pen.getTransform();
        pen.translate(x, foot);
        pen.scale(length, length);
        pen.setColor(DARK);
        pen.setStroke(new BasicStroke(0.03f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        double top = -0.55;
        for (double leg : new double[] {-0.2, 0.03, 0.24}) {
            pen.draw(new java.awt.geom.Line2D.Double(0, top, leg, 0));
        }
        pen.translate(0, top - 0.03);
        pen.rotate(-Math.toRadians(degrees));
        pen.fill(new Rectangle2D.Double(-0.42, -0.06, 0.9, 0.12));
        pen.fill(new Rectangle2D.Double(0.4, -0.078, 0.15, 0.156));
        pen.fill(new Rectangle2D.Double(-0.54, -0.03, 0.14, 0.06));
        pen.setTransform(kept);
    }
}
