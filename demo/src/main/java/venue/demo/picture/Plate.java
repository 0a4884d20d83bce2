package venue.demo.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** What a picture is exposed on: light adds up on it, and it has a grain and darker corners once it is developed. */
final class Plate {

    /** Gives a place its colour; {@code light} holds what is there and takes what shall be: red, green and blue, 0 to 1. */
    interface Shade {
        void at(double x, double y, double[] light);
    }

    private static final float QUALITY = 0.8f;
    private static final double GRAIN = 0.006;
    private static final double CORNERS = 0.22;

    final int width;
    final int height;
    final Random chance;
    private final float[] light;

    Plate(int width, int height, long seed) {
        this.width = width;
        this.height = height;
        chance = new Random(seed);
        light = new float[width * height * 3];
    }

    /** Every place of the plate, in pixels from its left upper corner. */
    Plate shade(Shade shade) {
        IntStream.range(0, height).parallel().forEach(y -> row(y, shade));
        return this;
    }

    private void row(int y, Shade shade) {
        double[] at = new double[3];
        for (int x = 0; x < width; x++) {
            int i = (y * width + x) * 3;
            at[0] = light[i];
            at[1] = light[i + 1];
            at[2] = light[i + 2];
            shade.at(x, y, at);
            light[i] = (float) at[0];
            light[i + 1] = (float) at[1];
            light[i + 2] = (float) at[2];
        }
    }

    /** Light at one place, with a soft bloom around it. */
    void glow(double x, double y, double radius, int colour, double strength) {
        int reach = (int) Math.ceil(radius * 3);
        for (int py = Math.max(0, (int) y - reach); py <= Math.min(height - 1, (int) y + reach); py++) {
            for (int px = Math.max(0, (int) x - reach); px <= Math.min(width - 1, (int) x + reach); px++) {
                double d = Math.hypot(px - x, py - y) / radius;
                add(px, py, colour, strength * Math.exp(-d * d * 1.6));
            }
        }
    }

    private void add(int x, int y, int colour, double strength) {
        int i = (y * width + x) * 3;
        light[i] += (float) (strength * red(colour));
        light[i + 1] += (float) (strength * green(colour));
        light[i + 2] += (float) (strength * blue(colour));
    }

    /** Mixes a colour into what is there. */
    static void mix(double[] at, int colour, double share) {
        at[0] = Noise.mix(at[0], red(colour), share);
        at[1] = Noise.mix(at[1], green(colour), share);
        at[2] = Noise.mix(at[2], blue(colour), share);
    }

    static void plus(double[] at, int colour, double strength) {
        at[0] += strength * red(colour);
        at[1] += strength * green(colour);
        at[2] += strength * blue(colour);
    }

    private static double red(int colour) {
        return (colour >> 16 & 0xFF) / 255.0;
    }

    private static double green(int colour) {
        return (colour >> 8 & 0xFF) / 255.0;
    }

    private static double blue(int colour) {
        return (colour & 0xFF) / 255.0;
    }

    /** Draws with a pen over what the light has left so far. */
    Plate drawn(Consumer<Graphics2D> drawing) {
        BufferedImage image = image(false);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        drawing.accept(pen);
        pen.dispose();
        return shade((x, y, at) -> {
            int rgb = image.getRGB((int) x, (int) y);
            at[0] = red(rgb);
            at[1] = green(rgb);
            at[2] = blue(rgb);
        });
    }

    /** The developed picture as a JPEG. */
    byte[] jpeg() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image(true), null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    private BufferedImage image(boolean developed) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Random grain = new Random(width);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double far = Math.hypot((x - width / 2.0) / width, (y - height / 2.0) / height);
                double dim = developed ? 1 - CORNERS * Noise.step(0.35, 0.75, far) : 1;
                double speck = developed ? GRAIN * grain.nextGaussian() : 0;
                int i = (y * width + x) * 3;
                image.setRGB(
                        x,
                        y,
                        byteOf(light[i] * dim + speck) << 16
                                | byteOf(light[i + 1] * dim + speck) << 8
                                | byteOf(light[i + 2] * dim + speck));
            }
        }
        return image;
    }

    private static int byteOf(double value) {
        return (int) Math.round(255 * Math.max(0, Math.min(1, value)));
    }
}
