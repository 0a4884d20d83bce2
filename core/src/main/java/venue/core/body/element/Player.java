package venue.core.body.element;

import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.model.media.Media;

/** Where a film or sound of the site plays. */
final class Player {

    private Player() {}

    static boolean plays(Media file) {
        return Media.isPlayed(file.format());
    }

    /** @param label what it is, to those who don't see it */
    static void write(Media file, String label, Optional<Media> still, HtmlWriter out) {
        boolean film = file.sort() == Media.Sort.FILM;
        out.start(film ? "video" : "audio")
                .attr("controls")
                .attr("preload", "metadata")
                .attr("src", file.path());
        out.attr("aria-label", label);
        if (film) {
            still.ifPresent(m -> out.attr("poster", m.path()));
        }
        out.end();
    }
}
