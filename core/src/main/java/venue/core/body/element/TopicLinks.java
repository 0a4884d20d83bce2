package venue.core.body.element;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;

/** The topics of a page, each leading to its own. */
public final class TopicLinks {

    private TopicLinks() {}

    /** Nothing where it names none. */
    public static void write(Scene scene, Page page, HtmlWriter out) {
        List<Page> topics = scene.gathered().listings().topics(page);
        if (topics.isEmpty()) {
            return;
        }
        out.start("ul", "topics");
        for (Page topic : topics) {
            out.start("li")
                    .start("a")
                    .attr("href", scene.links().address(topic))
                    .text(topic.title());
            out.end().end();
        }
        out.end();
    }
}
