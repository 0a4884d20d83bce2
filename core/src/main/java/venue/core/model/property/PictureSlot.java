package venue.core.model.property;

/**
 * What a picture should be like to look well in its place.
 *
 * @param pixels the width it is shown at, in CSS pixels; 0 where it fills its column
 * @param shape its proportion in words, or empty for any
 * @param shapeFrom the key of the neighbouring choice that says its proportion, or empty
 * @param decorates nothing is said by it there that words don't say: it lies behind them, or stands for the site's name
 */
public record PictureSlot(int pixels, String shape, String shapeFrom, boolean decorates) {

    public PictureSlot {
        shape = shape == null ? "" : shape;
        shapeFrom = shapeFrom == null ? "" : shapeFrom;
    }

    /** Shown at a width of its own. */
    public static PictureSlot wide(int pixels, String shape) {
        return new PictureSlot(pixels, shape, "", false);
    }

    /** As wide as its column. */
    public static PictureSlot column(String shapeFrom) {
        return new PictureSlot(0, "", shapeFrom, false);
    }

    /** Shown at a width of its own, where it says nothing by itself. */
    public static PictureSlot decorating(int pixels, String shape) {
        return new PictureSlot(pixels, shape, "", true);
    }
}
