package venue.core.body.element;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Props;
import venue.core.model.page.Page;

/** The contents of the site as the plan has them, level beneath level. */
final class SiteIndexTree {

    private final Props props;
    private final SiteIndex index;
    private final HtmlWriter out;

    SiteIndexTree(Props props, SiteIndex index, HtmlWriter out) {
        this.props = props;
        this.index = index;
        this.out = out;
    }

    void write() {
        out.start("nav", "site-index").attr("aria-label", props.scene().words().say(Phrase.CONTENTS));
        level(index.level(), index.depth());
        out.end();
    }

    private void level(List<Page> pages, int left) {
        int most = props.number("most");
        boolean first = left == index.depth();
        out.start("ul");
        for (Page page : first || most == 0 ? pages : pages.subList(0, Math.min(most, pages.size()))) {
            out.start("li");
            ListingCard.title(props.scene(), page, out);
            int count = props.flag("counts") ? index.count(page) : 0;
            if (count > 0) {
                SiteIndex.counted(props.scene(), count, out);
            }
            List<Page> beneath = index.beneath(page, left - 1);
            if (!beneath.isEmpty()) {
                level(beneath, left - 1);
            }
            out.end();
        }
        out.end();
    }
}
