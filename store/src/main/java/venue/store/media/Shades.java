package venue.store.media;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import net.coobird.thumbnailator.Thumbnails;
import venue.core.model.theme.Colour;

/** The darkest and the lightest colour that words on a picture may meet, single pixels left aside. */
final class Shades {

    private static final int SIDE = 16;
    private static final double ASIDE = 0.04;

    private Shades() {}

    static List<String> of(BufferedImage image) throws IOException {
        BufferedImage small = Thumbnails.of(image).forceSize(SIDE, SIDE).asBufferedImage();
        List<Colour> colours = new ArrayList<>();
        for (int i = 0; i < SIDE * SIDE; i++) {
            int rgb = small.getRGB(i % SIDE, i / SIDE);
            colours.add(new Colour(rgb >> 16 & 0xff, rgb >> 8 & 0xff, rgb & 0xff));
        }
        colours.sort(Comparator.comparingDouble(Colour::luminance));
        int aside = (int) (colours.size() * ASIDE);
        return List.of(
                colours.get(aside).hex(),
                colours.get(colours.size() - 1 - aside).hex());
    }
}
