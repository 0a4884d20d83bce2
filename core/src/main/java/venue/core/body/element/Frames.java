package venue.core.body.element;

import java.net.URI;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Scene;

/** What is shown from elsewhere within a page: only from hosts that the managers have put on the site's list. */
final class Frames {

    private Frames() {}

    static Optional<String> host(Link link) {
        return Optional.ofNullable(URI.create(link.target().replace(" ", "%20")).getHost());
    }

    /** A fold that fetches nothing before it is opened; where the host is not on the list, a plain link. */
    static void onceAgreed(Scene scene, Link link, String title, HtmlWriter out) {
        String host = host(link).orElse("");
        if (!scene.links().mayFrame(host)) {
            out.start("p")
                    .start("a")
                    .attr("href", link.target())
                    .text(title.isEmpty() ? host : title)
                    .end()
                    .end();
            return;
        }
        out.start("details", "agreed").start("summary");
        out.text(String.format(scene.words().say(Phrase.SHOW_FROM), host)).end();
        scene.links().framed(link.target());
        frame(link.target(), title.isEmpty() ? host : title, out);
        out.end();
    }

    private static void frame(String address, String title, HtmlWriter out) {
        out.start("iframe")
                .attr("src", address)
                .attr("title", title)
                .attr("loading", "lazy")
                .attr("sandbox", "allow-scripts allow-same-origin allow-presentation allow-popups")
                .attr("referrerpolicy", "no-referrer")
                .attr("allowfullscreen")
                .end();
    }
}
