package venue.core.element;

import java.util.stream.Collectors;
import venue.core.html.HtmlWriter;
import venue.core.media.Media;

/** Writes an {@code img} with its renditions, size and focal point. */
public final class Pictures {

    private static final int WHOLE = 12;
    private static final int STEP = 10;
    private static final int MIDDLE = 5;

    private Pictures() {}

    /**
     * @param span the share of the page's width it takes on wide screens, in twelfths
     * @param eager whether it stands at the top of the page and is fetched at once
     */
    public static void write(Media media, String alt, int span, boolean eager, HtmlWriter out) {
        int middle = media.widths().get(media.widths().size() / 2);
        out.empty("img").attr("src", media.path(middle));
        if (media.widths().size() > 1) {
            out.attr("srcset", sources(media)).attr("sizes", sizes(span));
        }
        out.attr("width", media.width()).attr("height", media.height()).attr("alt", alt);
        String focal = focal(media);
        if (!focal.isEmpty()) {
            out.attr("class", focal);
        }
        if (eager) {
            out.attr("fetchpriority", "high");
        } else {
            out.attr("loading", "lazy").attr("decoding", "async");
        }
    }

    private static String sources(Media media) {
        return media.widths().stream().map(w -> media.path(w) + " " + w + "w").collect(Collectors.joining(", "));
    }

    private static String sizes(int span) {
        return span >= WHOLE ? "100vw" : "(min-width: 900px) " + Math.round(100f * span / WHOLE) + "vw, 100vw";
    }

    private static String focal(Media media) {
        int x = Math.round((float) media.focalX() / STEP);
        int y = Math.round((float) media.focalY() / STEP);
        return ((x == MIDDLE ? "" : "fx" + x) + " " + (y == MIDDLE ? "" : "fy" + y)).strip();
    }
}
