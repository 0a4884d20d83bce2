package venue.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;

/** Draws the demo's pictures: skies over the moor, instruments and portraits. The same seed gives the same picture. */
final class Sky {

    private static final Color NIGHT = new Color(0x0E1A2A);
    private static final Color BLUE = new Color(0x2C4A66);
    private static final Color EMBER = new Color(0xC0703A);
    private static final Color MOOR = new Color(0x16222B);

    private final BufferedImage image;
    private final Graphics2D pen;
    private final Random chance;
    private final int width;
    private final int height;

    private Sky(int width, int height, long seed) {
        this.width = width;
        this.height = height;
        image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        chance = new Random(seed);
    }

    /** Stars drawn into arcs by the turning of the sky, over a dome at dusk. */
    static byte[] trails(long seed) {
        Sky sky = new Sky(1600, 900, seed);
        sky.dusk();
        double x = sky.width * (0.3 + 0.4 * sky.chance.nextDouble());
        double y = sky.height * 0.42;
        for (int i = 0; i < 190; i++) {
            double radius = 20 + sky.chance.nextDouble() * 1100;
            double from = sky.chance.nextDouble() * 360;
            sky.pen.setStroke(new BasicStroke(0.8f + sky.chance.nextFloat() * 1.4f));
            sky.pen.setColor(new Color(240, 238, 228, 50 + sky.chance.nextInt(130)));
            sky.pen.draw(new Arc2D.Double(
                    x - radius, y - radius, 2 * radius, 2 * radius, from, 12 + sky.chance.nextInt(16), Arc2D.OPEN));
        }
        sky.moor();
        sky.dome(sky.width * 0.62, sky.height * 0.8, 90);
        return sky.jpeg();
    }

    /** A field of stars with a pale band across it. */
    static byte[] field(long seed) {
        Sky sky = new Sky(1600, 900, seed);
        sky.pen.setPaint(new GradientPaint(0, 0, NIGHT, sky.width, sky.height, new Color(0x1B2D45)));
        sky.pen.fillRect(0, 0, sky.width, sky.height);
        for (int i = 0; i < 2600; i++) {
            double along = sky.chance.nextDouble() * sky.width;
            double off = sky.chance.nextGaussian() * (i % 3 == 0 ? 400 : 110);
            sky.star(along, sky.height * 0.75 - along * 0.3 + off, i % 40 == 0 ? 3 : 1.3);
        }
        sky.moor();
        return sky.jpeg();
    }

    /** The moon at a phase from 0 (new) to 1 (full). */
    static byte[] moon(long seed, double phase) {
        Sky sky = new Sky(1200, 900, seed);
        sky.pen.setColor(NIGHT);
        sky.pen.fillRect(0, 0, sky.width, sky.height);
        for (int i = 0; i < 160; i++) {
            sky.star(sky.chance.nextDouble() * sky.width, sky.chance.nextDouble() * sky.height, 1.4);
        }
        double r = 300;
        sky.pen.setColor(new Color(0xE9E2D0));
        sky.pen.fill(new Ellipse2D.Double(600 - r, 450 - r, 2 * r, 2 * r));
        sky.pen.setClip(new Ellipse2D.Double(600 - r, 450 - r, 2 * r, 2 * r));
        for (int i = 0; i < 60; i++) {
            double size = 10 + sky.chance.nextDouble() * 70;
            sky.pen.setColor(new Color(150, 140, 120, 30 + sky.chance.nextInt(40)));
            sky.pen.fill(new Ellipse2D.Double(
                    300 + sky.chance.nextDouble() * 600, 150 + sky.chance.nextDouble() * 600, size, size));
        }
        sky.pen.setColor(new Color(14, 26, 42, 235));
        sky.pen.fill(new Ellipse2D.Double(600 - r - 2 * r * phase, 450 - r, 2 * r, 2 * r));
        return sky.jpeg();
    }

    /** An instrument as a line drawing on tinted paper: tube, mount and pier, each seed another shape. */
    static byte[] instrument(long seed) {
        Sky sky = new Sky(1200, 900, seed);
        sky.pen.setColor(new Color(0xEFE6D4));
        sky.pen.fillRect(0, 0, sky.width, sky.height);
        sky.pen.setColor(new Color(0x1D2733));
        sky.pen.setStroke(new BasicStroke(5));
        double tilt = -0.3 - 0.5 * sky.chance.nextDouble();
        double length = 520 + sky.chance.nextInt(220);
        double thick = 70 + sky.chance.nextInt(150);
        sky.pen.draw(new Rectangle2D.Double(560, 520, 80, 300));
        sky.pen.draw(new Rectangle2D.Double(460, 800, 280, 30));
        sky.pen.rotate(tilt, 600, 480);
        sky.pen.setColor(new Color(0xFBF7EE));
        sky.pen.fill(new Rectangle2D.Double(600 - length / 2, 480 - thick / 2, length, thick));
        sky.pen.setColor(new Color(0x1D2733));
        sky.pen.draw(new Rectangle2D.Double(600 - length / 2, 480 - thick / 2, length, thick));
        sky.pen.draw(new Rectangle2D.Double(600 + length / 2 - 40, 480 - thick / 2 - 14, 60, thick + 28));
        sky.pen.draw(new Rectangle2D.Double(600 - length / 2 - 70, 462, 70, 36));
        sky.pen.setColor(EMBER);
        sky.pen.fill(new Ellipse2D.Double(575, 455, 50, 50));
        return sky.jpeg();
    }

    /** A portrait in three tones: nobody in particular. */
    static byte[] portrait(long seed) {
        Sky sky = new Sky(800, 800, seed);
        float hue = sky.chance.nextFloat();
        sky.pen.setColor(Color.getHSBColor(hue, 0.22f, 0.82f));
        sky.pen.fillRect(0, 0, sky.width, sky.height);
        sky.pen.setColor(Color.getHSBColor(hue, 0.4f, 0.42f));
        sky.pen.fill(new Ellipse2D.Double(120, 540, 560, 560));
        sky.pen.setColor(Color.getHSBColor(
                0.07f, 0.3f + 0.25f * sky.chance.nextFloat(), 0.55f + 0.35f * sky.chance.nextFloat()));
        sky.pen.fill(new Ellipse2D.Double(280, 210, 240, 320));
        sky.pen.setColor(Color.getHSBColor(0.08f, 0.5f, 0.15f + 0.3f * sky.chance.nextFloat()));
        sky.pen.fill(new Arc2D.Double(262, 180, 276, 250 + sky.chance.nextInt(120), 0, 180, Arc2D.CHORD));
        return sky.jpeg();
    }

    private void dusk() {
        pen.setPaint(new GradientPaint(0, 0, NIGHT, 0, height * 0.6f, BLUE));
        pen.fillRect(0, 0, width, height);
        pen.setPaint(new GradientPaint(0, height * 0.55f, new Color(44, 74, 102, 0), 0, height * 0.85f, EMBER));
        pen.fill(new Rectangle2D.Double(0, height * 0.55, width, height * 0.45));
    }

    private void star(double x, double y, double size) {
        pen.setColor(new Color(255, 250, 235, 70 + chance.nextInt(180)));
        pen.fill(new Ellipse2D.Double(x, y, size, size));
    }

    private void moor() {
        for (int layer = 0; layer < 3; layer++) {
            Path2D hill = new Path2D.Double();
            double base = height * (0.78 + 0.07 * layer);
            double swing = chance.nextDouble() * 6;
            hill.moveTo(0, height);
            for (int x = 0; x <= width; x += 20) {
                hill.lineTo(x, base + 34 * Math.sin(x / 260.0 + swing) + 12 * Math.sin(x / 71.0 + layer));
            }
            hill.lineTo(width, height);
            hill.closePath();
            pen.setColor(layer == 2 ? MOOR : new Color(40 - 12 * layer, 58 - 12 * layer, 70 - 12 * layer));
            pen.fill(hill);
        }
    }

    private void dome(double x, double y, double r) {
        pen.setColor(new Color(0x0B1218));
        pen.fill(new Arc2D.Double(x - r, y - r, 2 * r, 2 * r, 0, 180, Arc2D.CHORD));
        pen.fill(new Rectangle2D.Double(x - r, y, 2 * r, r));
        pen.setColor(new Color(0xE8A768));
        pen.fill(new Rectangle2D.Double(x - 5, y - r * 0.95, 10, r * 0.9));
    }

    private byte[] jpeg() {
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "jpg", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
