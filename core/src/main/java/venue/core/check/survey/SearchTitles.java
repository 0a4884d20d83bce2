package venue.core.check.survey;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.show.render.Head;

/** The pages that search engines may index, by the title that they show, each by id. Immutable. */
final class SearchTitles {

    private final PersistentMap<String, List<String>> pages;

    private SearchTitles(PersistentMap<String, List<String>> pages) {
        this.pages = pages;
    }

    static SearchTitles of(Edition edition) {
        PersistentMap.Builder<String, List<String>> pages =
                ExtensionsKt.<String, List<String>>persistentHashMapOf().builder();
        edition.all(Page.class)
                .forEach(p -> titleOf(edition, p)
                        .ifPresent(t -> pages.computeIfAbsent(t, none -> new ArrayList<>())
                                .add(p.id())));
        pages.values().forEach(Collections::sort);
        return new SearchTitles(pages.build());
    }

    /** The titles after a change of one page. */
    SearchTitles after(Edition before, Edition after, String id) {
        String was = before.page(id).flatMap(p -> titleOf(before, p)).orElse(null);
        String is = after.page(id).flatMap(p -> titleOf(after, p)).orElse(null);
        if (was == null ? is == null : was.equals(is)) {
            return this;
        }
        PersistentMap.Builder<String, List<String>> now = pages.builder();
        change(now, was, id, false);
        change(now, is, id, true);
        return new SearchTitles(now.build());
    }

    private static void change(
            PersistentMap.Builder<String, List<String>> now, @Nullable String title, String id, boolean put) {
        if (title != null) {
            List<String> ids = new ArrayList<>(now.getOrDefault(title, List.of()));
            int at = Collections.binarySearch(ids, id);
            if (put && at < 0) {
                ids.add(-at - 1, id);
            } else if (!put && at >= 0) {
                ids.remove(at);
            }
            if (ids.isEmpty()) {
                now.remove(title);
            } else {
                now.put(title, ids);
            }
        }
    }

    /** The title as it is compared; absent for a page that search engines don't get. */
    static Optional<String> titleOf(Edition edition, Page page) {
        return page.isKeptOut() || !edition.plan().isShown(page.id())
                ? Optional.empty()
                : Optional.of(Head.searchTitle(edition.site(), page, edition.isHome(page))
                        .toLowerCase(Locale.ROOT));
    }

    List<String> ids(String title) {
        return pages.getOrDefault(title, List.of());
    }

    /** The pages that the others of the title are told about. */
    List<String> first(String title) {
        List<String> ids = ids(title);
        return ids.subList(0, Math.min(2, ids.size()));
    }
}
