package venue.core.body.element;

import java.util.stream.Collectors;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Scene;
import venue.core.model.media.Media;

/** Writes an {@code img} with its renditions, size and focal point. */
public final class Pictures {

    /** From edge to edge of the window. */
    public static final int EDGES = 13;

    /** From edge to edge, and no higher than a band above what the page is about. */
    public static final int BAND = 14;

    /** How many pictures a visitor may see before they scroll; one from edge to edge is all of them. */
    private static final int IN_SIGHT = 3;

    private static final int WHOLE = 12;
    /** What stands around the page at its widest, in pixels. */
    private static final int ROUND = 80;

    private static final int STEP = 10;
    private static final int MIDDLE = 5;

    private Pictures() {}

    /**
     * The first pictures of a page are fetched at once, the first before all else; the others when they come near.
     *
     * @param span the share of the page's width it takes on wide screens, in twelfths; {@link #EDGES} and {@link #BAND} are from edge to edge
     */
    public static void write(Scene scene, Media media, String alt, int span, HtmlWriter out) {
        int middle = media.widths().get(media.widths().size() / 2);
        out.empty("img").attr("src", media.path(middle));
        if (media.widths().size() > 1) {
            out.attr("srcset", sources(media))
                    .attr("sizes", sizes((int) Math.round(scene.look().number("pageWidth")), span));
        }
        out.attr("width", media.width()).attr("height", media.height()).attr("alt", alt);
        String focal = focal(media);
        if (!focal.isEmpty()) {
            out.attr("class", focal);
        }
        int place = scene.pictures().nextPicture(room(span));
        if (place == 1) {
            out.attr("fetchpriority", "high");
        } else if (place > IN_SIGHT) {
            out.attr("loading", "lazy").attr("decoding", "async");
        }
    }

    private static int room(int span) {
        return span == EDGES ? IN_SIGHT : span > EDGES ? IN_SIGHT - 1 : 1;
    }

    private static String sources(Media media) {
        return media.widths().stream().map(w -> media.path(w) + " " + w + "w").collect(Collectors.joining(", "));
    }

    private static String sizes(int pageWidth, int span) {
        if (span >= EDGES) {
            return "100vw";
        }
        int widest = Math.round((float) pageWidth * span / WHOLE);
        String whole = "(min-width: " + (pageWidth + ROUND) + "px) " + widest + "px, ";
        return whole
                + (span >= WHOLE ? "100vw" : "(min-width: 900px) " + Math.round(100f * span / WHOLE) + "vw, 100vw");
    }

    private static String focal(Media media) {
        int x = Math.round((float) media.focalX() / STEP);
        int y = Math.round((float) media.focalY() / STEP);
        return ((x == MIDDLE ? "" : "fx" + x) + " " + (y == MIDDLE ? "" : "fy" + y)).strip();
    }
}
