package venue.core.release;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import venue.core.edition.Edition;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.section.SharedSection;
import venue.core.site.Site;
import venue.core.template.Template;
import venue.core.theme.Look;

/**
 * Which pages a change alters for visitors.
 *
 * @param pages how many
 * @param some the ids of a few of them, to look at
 */
record Reach(long pages, List<String> some) {

    private static final int FEW = 3;

    /** @param after what it becomes */
    static Reach of(Edition working, Item after) {
        if (after instanceof Page page) {
            return new Reach(1, List.of(page.id()));
        }
        if (after instanceof Template template) {
            return where(working, p -> working.worn(p).template().id().equals(template.id()));
        }
        if (after instanceof Kind kind) {
            return counted(working.plan().ofKind(kind.id()));
        }
        if (after instanceof SharedSection shared && !working.site().foot().contains(shared.id())) {
            return counted(working.inbound().sharing(shared.id()).stream()
                    .filter(id -> working.page(id).isPresent())
                    .toList());
        }
        boolean all = after instanceof Site
                || after instanceof Menu
                || after instanceof SharedSection
                || (after instanceof Look look
                        && look.id().equals(working.site().look()));
        return all ? everywhere(working) : new Reach(0, List.of());
    }

    private static Reach where(Edition working, Predicate<Page> altered) {
        return counted(working.all(Page.class).filter(altered).map(Page::id).toList());
    }

    private static Reach counted(List<String> pages) {
        return new Reach(pages.size(), pages.stream().limit(FEW).toList());
    }

    private static Reach everywhere(Edition working) {
        String home = working.site().home();
        List<String> some = Stream.of(
                        Stream.ofNullable(home),
                        working.plan().beneath(null).stream(),
                        working.plan().beneath(home).stream())
                .flatMap(ids -> ids)
                .distinct()
                .limit(FEW)
                .toList();
        return new Reach(working.all(Page.class).count(), some);
    }
}
