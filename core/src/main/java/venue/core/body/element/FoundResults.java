package venue.core.body.element;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.body.search.Found;
import venue.core.body.search.Searcher;
import venue.core.model.media.Media;

/** What was found, in its layout: each with its title, the words around what was looked for, and its address. */
final class FoundResults {

    private static final int THIRD = 3;

    private final Scene scene;
    private final HtmlWriter out;
    private final FoundLayouts layout;
    private final boolean addresses;

    FoundResults(Props props, HtmlWriter out) {
        this.scene = props.scene();
        this.out = out;
        layout = FoundLayouts.called(props.text(ListingLayouts.SETTING));
        addresses = props.flag("addresses");
    }

    void write(List<Found.Result> results) {
        int level = scene.headings().beneath();
        if (layout != FoundLayouts.KINDS) {
            list(results, level);
            return;
        }
        Map<String, List<Found.Result>> kinds = new LinkedHashMap<>();
        results.forEach(
                r -> kinds.computeIfAbsent(r.kind(), k -> new ArrayList<>()).add(r));
        kinds.forEach((kind, some) -> {
            String id = scene.freshId();
            out.start("section", "grouped").attr("aria-labelledby", id);
            out.start("h" + level, "h z-medium group").attr("id", id).text(kind).end();
            list(some, level + 1);
            out.end();
        });
    }

    private void list(List<Found.Result> results, int level) {
        boolean plain = layout.listing().isEmpty();
        out.start("ol", plain ? "found results" : "found listing " + layout.listing());
        for (Found.Result result : results) {
            if (plain) {
                out.start("li");
                words(result, level);
                out.end();
            } else {
                card(result, level);
            }
        }
        out.end();
    }

    private void card(Found.Result result, int level) {
        Optional<Media> picture = layout.showsPictures()
                ? scene.pictures().media(scene.words().words(result.page(), "picture"))
                : Optional.empty();
        out.start("li", picture.isPresent() ? "card pictured" : "card");
        picture.ifPresent(p -> Pictures.write(scene, p, scene.pictures().alt(p), Math.min(THIRD, scene.span()), out));
        out.start("div", "words");
        words(result, level);
        out.end().end();
    }

    private void words(Found.Result result, int level) {
        out.start("h" + level, "h z-medium");
        ListingCard.title(scene, result.page(), out);
        out.end();
        if (layout != FoundLayouts.COMPACT) {
            snippet(result.snippet());
        }
        if (addresses) {
            out.element("small", scene.links().address(result.page()));
        }
    }

    /** Words that were looked for are marked, and nothing of the snippet is taken for HTML. */
    private void snippet(String snippet) {
        if (snippet.isBlank()) {
            return;
        }
        out.start("p");
        int at = 0;
        while (at < snippet.length()) {
            int from = snippet.indexOf(Searcher.FROM, at);
            int to = snippet.indexOf(Searcher.TO, at);
            if (from < 0 || to < from) {
                break;
            }
            out.text(snippet.substring(at, from)).element("mark", snippet.substring(from + 1, to));
            at = to + 1;
        }
        out.text(snippet.substring(at)).end();
    }
}
