package venue.core.model.theme;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** The colours by which a picture is known: what palettes can be made of. */
public final class Seeds {

    private static final int HUES = 24;
    private static final double WHEEL = 360;
    /** Below this nobody would name a hue (OKLCH). */
    private static final double GREY = 0.035;
    /** A second hue counts only where it is no shade of the first, and is seen at all. */
    private static final int APART = 3;

    private static final double SEEN = 0.06;
    private static final int OPAQUE = 200;

    private double weight;
    private double red;
    private double green;
    private double blue;

    private Seeds() {}

    /**
     * The strongest hue, then another one where there is; a picture without any hue gives its darkest colour.
     *
     * @param pixels as 0xAARRGGBB; those that are seen through count for nothing
     * @return no colour at all where nothing is seen
     */
    public static List<Colour> of(int[] pixels) {
        Seeds[] hues = IntStream.range(0, HUES).mapToObj(i -> new Seeds()).toArray(Seeds[]::new);
        List<Colour> greys = new ArrayList<>();
        for (int pixel : pixels) {
            if (pixel >>> 24 >= OPAQUE) {
                Colour colour = new Colour(pixel >> 16 & 0xff, pixel >> 8 & 0xff, pixel & 0xff);
                Oklch at = Oklch.of(colour);
                if (at.chroma() < GREY) {
                    greys.add(colour);
                } else {
                    hues[(int) (at.hue() / WHEEL * HUES) % HUES].add(colour, at.chroma());
                }
            }
        }
        List<Integer> strongest = IntStream.range(0, HUES)
                .boxed()
                .filter(i -> hues[i].weight > 0)
                .sorted(Comparator.comparingDouble(i -> -hues[i].weight))
                .toList();
        if (strongest.isEmpty()) {
            return greys.stream().min(Comparator.comparingDouble(Colour::luminance)).stream()
                    .toList();
        }
        int first = strongest.get(0);
        return strongest.stream()
                .filter(i -> i == first || apart(i, first) >= APART && hues[i].weight > SEEN * hues[first].weight)
                .limit(2)
                .map(i -> hues[i].colour())
                .toList();
    }

    private static int apart(int one, int other) {
        int between = Math.abs(one - other);
        return Math.min(between, HUES - between);
    }

    private void add(Colour colour, double chroma) {
        weight += chroma;
        red += chroma * colour.red();
        green += chroma * colour.green();
        blue += chroma * colour.blue();
    }

    private Colour colour() {
        return new Colour(
                (int) Math.round(red / weight), (int) Math.round(green / weight), (int) Math.round(blue / weight));
    }
}
