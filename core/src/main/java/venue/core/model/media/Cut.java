package venue.core.model.media;

import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;

/**
 * The part of a whole picture that is shown, in percent of the whole.
 *
 * @param file the hash of the whole picture's bytes
 * @param width of the whole picture, in pixels
 * @param widths the widths in which the whole picture can be had
 */
public record Cut(Hash file, int width, int height, List<Integer> widths, int left, int top, int wide, int high) {

    /** The smallest part that can be cut out, in percent of the whole. */
    public static final int LEAST = 5;

    private static final int ALL = 100;

    public Cut {
        widths = List.copyOf(widths);
        boolean within = left >= 0 && top >= 0 && left + wide <= ALL && top + high <= ALL;
        if (!within || wide < LEAST || high < LEAST) {
            throw Refusal.badInput(
                    "bad-cut",
                    "cut",
                    "The part begins at " + left + ", " + top + " and is " + wide + " by " + high + " percent.",
                    "Give a part within the picture, at least " + LEAST + " percent wide and high.");
        }
    }

    /** A part of a picture, which is whole or a part of the whole already. */
    public static Cut of(Media media, int left, int top, int wide, int high) {
        Cut before = media.cut();
        Cut whole = before == null
                ? new Cut(media.file(), media.width(), media.height(), media.widths(), 0, 0, ALL, ALL)
                : before;
        return whole.but(left, top, wide, high);
    }

    private Cut but(int fromLeft, int fromTop, int across, int down) {
        return new Cut(file, width, height, widths, fromLeft, fromTop, across, down);
    }

    public boolean isWhole() {
        return wide == ALL && high == ALL;
    }
}
