package venue.core.show.render;

import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.model.template.Template;

/** Writes what a frame keeps around the zones: notice strip, header and footer. */
final class Shell {

    private final View view;
    private final PageScene scene;
    private final HtmlWriter out;

    Shell(View view, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.scene = scene;
        this.out = out;
    }

    void top(Template template) {
        out.start("a", "skip")
                .attr("href", "#main")
                .text(scene.words().say(Phrase.SKIP))
                .end();
        if (template.shows("notice")) {
            new Notices(view, scene, out).write();
        }
        if (template.shows("header")) {
            new Header(view, scene, out).write();
        }
    }

    void footer() {
        new Foot(view, scene, out).write();
    }
}
