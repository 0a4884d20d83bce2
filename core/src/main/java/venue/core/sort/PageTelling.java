package venue.core.sort;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import venue.core.basics.text.Words;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Section;

/** What differs between two contents of one page. */
final class PageTelling {

    private final Edition live;
    private final Edition working;

    PageTelling(Between between) {
        live = between.live();
        working = between.working();
    }

    List<String> says(@Nullable Page before, Page after) {
        if (before == null) {
            String where = working.page(after.parent())
                    .map(p -> " beneath " + p.title())
                    .orElse("");
            return List.of("New page" + where + " at " + working.servedAt(after));
        }
        List<String> says = new ArrayList<>();
        place(before, after, says);
        if (before.withdrawn() != after.withdrawn()) {
            says.add(after.withdrawn() ? "Taken off the site" : "Put back on the site");
        }
        if (!live.worn(before)
                .template()
                .id()
                .equals(working.worn(after).template().id())) {
            says.add("Wears the template " + working.worn(after).template().name());
        }
        sections(before, after, says);
        if (!before.fields().equals(after.fields())) {
            says.add("Facts changed");
        }
        if (!before.settings().equals(after.settings())) {
            says.add("Search text or label changed");
        }
        return says.isEmpty() ? List.of("Changed") : says;
    }

    private void place(Page before, Page after, List<String> says) {
        if (!before.title().equals(after.title())) {
            says.add("Renamed from “" + before.title() + "”");
        }
        if (!Objects.equals(before.parent(), after.parent())) {
            says.add("Moved "
                    + working.page(after.parent())
                            .map(p -> "under " + p.title())
                            .orElse("to the top"));
        } else if (before.position() != after.position()) {
            says.add("Another place among its neighbours");
        }
        String from = live.plan().address(before.id());
        String to = working.plan().address(after.id());
        if (!from.equals(to)) {
            says.add("Address " + to + ", and " + from + " redirects there");
        }
    }

    private static void sections(Page before, Page after, List<String> says) {
        List<Section> was = before.zones().all().toList();
        List<Section> is = after.zones().all().toList();
        List<String> wasIds = was.stream().map(Section::id).toList();
        List<String> isIds = is.stream().map(Section::id).toList();
        long added = isIds.stream().filter(id -> !wasIds.contains(id)).count();
        long removed = wasIds.stream().filter(id -> !isIds.contains(id)).count();
        long changed = is.stream()
                .filter(s -> wasIds.contains(s.id()) && !was.contains(s))
                .count();
        count(added, "added", says);
        count(changed, "changed", says);
        count(removed, "removed", says);
        List<String> keptBefore = wasIds.stream().filter(isIds::contains).toList();
        List<String> keptAfter = isIds.stream().filter(wasIds::contains).toList();
        if (!keptBefore.equals(keptAfter)) {
            says.add("Sections in another order");
        }
    }

    private static void count(long n, String what, List<String> says) {
        if (n > 0) {
            says.add(Words.count(n, "section") + " " + what);
        }
    }
}
