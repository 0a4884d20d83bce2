package venue.core.body.element;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;

/** Which pages the contents of the site hold: those of its branches and kinds, down to its depth, without those left out by name. */
final class SiteIndex {

    private final Scene scene;
    private final int depth;
    private final List<String> branches;
    private final Set<String> kinds;
    private final Set<String> except;

    SiteIndex(Props props) {
        scene = props.scene();
        depth = props.number("depth");
        branches = named(props, "branches", "page").toList();
        kinds = named(props, "kinds", "kind").collect(Collectors.toSet());
        except = named(props, "except", "page").collect(Collectors.toSet());
    }

    private static Stream<String> named(Props props, String list, String key) {
        return props.groups(list).stream().map(g -> g.text(key)).filter(id -> !id.isEmpty());
    }

    /** The first level: what stands at the top of the plan, or the pages whose branches are named. */
    List<Page> level() {
        List<Page> top = branches.isEmpty()
                ? scene.links().pages().beneath("")
                : branches.stream()
                        .flatMap(b -> scene.links().pages().page(b).stream())
                        .toList();
        return top.stream().filter(p -> shows(p, depth)).toList();
    }

    /** @param left how many levels may still follow */
    List<Page> beneath(Page page, int left) {
        return left <= 0
                ? List.of()
                : scene.links().pages().beneath(page.id()).stream()
                        .filter(p -> shows(p, left))
                        .toList();
    }

    int depth() {
        return depth;
    }

    /** One of another kind shows when something beneath it does. */
    private boolean shows(Page page, int left) {
        return !isLeftOut(page)
                && !page.id().equals(scene.page().id())
                && (isAsked(page) || !beneath(page, left - 1).isEmpty());
    }

    /** How many pages there are, as words; nothing where there is none. */
    static void counted(Scene scene, int count, HtmlWriter out) {
        pages(scene, count).ifPresent(words -> out.text(" ").element("small", words));
    }

    static Optional<String> pages(Scene scene, int count) {
        String words = scene.words().say(count == 1 ? Phrase.ONE_PAGE : Phrase.MANY_PAGES);
        return count > 0 ? Optional.of(words.replace("{0}", String.valueOf(count))) : Optional.empty();
    }

    private boolean isLeftOut(Page page) {
        return except.contains(page.id()) || !PageSettings.Listed.INDEX.holds(page);
    }

    private boolean isAsked(Page page) {
        return kinds.isEmpty() || kinds.contains(page.kind());
    }

    /** All of them, as the plan has them. */
    List<Page> all() {
        List<Page> all = new ArrayList<>();
        level().forEach(p -> gather(p, depth, all));
        return all;
    }

    private void gather(Page page, int left, List<Page> all) {
        if (isAsked(page)) {
            all.add(page);
        }
        beneath(page, left - 1).forEach(p -> gather(p, left - 1, all));
    }

    /** How many of them stand beneath a page, at every depth. */
    int count(Page page) {
        int count = 0;
        for (Page below : scene.links().pages().beneath(page.id())) {
            if (!isLeftOut(below)) {
                count += (isAsked(below) ? 1 : 0) + count(below);
            }
        }
        return count;
    }
}
