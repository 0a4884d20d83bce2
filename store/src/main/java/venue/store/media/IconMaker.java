package venue.store.media;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import net.coobird.thumbnailator.Thumbnails;
import venue.core.model.media.Media;

/** Makes the sizes of a site's icon out of the picture that was chosen: whole, in the middle of a square. */
public final class IconMaker {

    /** The size whose square home screens show as it is: on white, where others leave it open. */
    private static final int HOME_SCREEN = 180;

    private final MediaFiles files;

    public IconMaker(MediaFiles files) {
        this.files = files;
    }

    /** The picture as a square PNG of so many pixels; empty where its file is not there. */
    public Optional<byte[]> png(Media picture, int size) {
        int rendition = picture.widths().stream()
                .filter(w -> w >= size)
                .findFirst()
                .orElse(picture.widths().get(picture.widths().size() - 1));
        String path = picture.path(rendition);
        return files.find(path.substring(path.lastIndexOf('/') + 1)).map(bytes -> square(bytes, size));
    }

    private static byte[] square(byte[] bytes, int size) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
            BufferedImage fitted = Thumbnails.of(image).size(size, size).asBufferedImage();
            BufferedImage square = new BufferedImage(size, size, BufferedImage.TYPE_INT_ARGB);
            Graphics2D pen = square.createGraphics();
            if (size == HOME_SCREEN) {
                pen.setColor(Color.WHITE);
                pen.fillRect(0, 0, size, size);
            }
            pen.drawImage(fitted, (size - fitted.getWidth()) / 2, (size - fitted.getHeight()) / 2, null);
            pen.dispose();
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(square, "png", png);
            return png.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
