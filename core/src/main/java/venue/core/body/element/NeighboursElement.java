package venue.core.body.element;

import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.body.scene.SitePages;
import venue.core.model.page.Page;

/** The page before this one and the one after: of its kind by their dates, else beside it in the plan. */
final class NeighboursElement extends DeclaredKind {

    NeighboursElement() {
        super("neighbours", "Before and after", "Links to the page before this one and the one after");
    }

    @Override
    public boolean isOwn(Map<String, Value> props) {
        return false;
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        SitePages pages = props.scene().links().pages();
        return pages.before().isPresent() || pages.after().isPresent();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        out.start("nav", "neighbours").attr("aria-label", scene.words().say(Phrase.BEFORE_AND_AFTER));
        one(scene, scene.links().pages().before(), "prev", Phrase.BEFORE, out);
        one(scene, scene.links().pages().after(), "next", Phrase.AFTER, out);
        out.end();
    }

    private static void one(Scene scene, Optional<Page> page, String rel, Phrase what, HtmlWriter out) {
        page.ifPresent(p -> {
            out.start("a", rel).attr("rel", rel).attr("href", scene.links().address(p));
            out.element("small", scene.words().say(what))
                    .text(" ")
                    .text(p.title())
                    .end();
        });
    }
}
