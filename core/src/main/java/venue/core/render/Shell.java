package venue.core.render;

import venue.core.edition.TitleBand;
import venue.core.html.HtmlWriter;
import venue.core.page.Page;
import venue.core.template.Template;
import venue.core.text.Phrase;

/** Writes what a frame keeps around the zones: notice strip, header, title band and footer. */
final class Shell {

    private final View view;
    private final Page page;
    private final PageScene scene;
    private final HtmlWriter out;

    Shell(View view, Page page, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.page = page;
        this.scene = scene;
        this.out = out;
    }

    void top(Template template) {
        out.start("a", "skip")
                .attr("href", "#main")
                .text(scene.say(Phrase.SKIP))
                .end();
        if (template.shows("notice")) {
            new Notices(view, scene, out).write();
        }
        if (template.shows("header")) {
            new Header(view, scene, out).write();
        }
    }

    /** The title band with breadcrumb and h1; nothing when the frame has none. */
    void band(TitleBand band, PageParts parts) {
        if (band != TitleBand.NONE) {
            new Band(view, page, scene, parts, out).write(band);
        }
    }

    void footer() {
        new Foot(view, scene, out).write();
    }
}
