package venue.core.sort;

import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Everywhere;
import venue.core.model.page.Page;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;

/** On which pages a change of an item shows: the one answer to that, for cards, sheets, releases and the catalog. */
public final class ReachedPages {

    static final ReachedPages NONE = listed(List.of());

    private final long count;
    private final Supplier<Stream<String>> ids;
    private final Supplier<Stream<String>> first;

    private ReachedPages(long count, Supplier<Stream<String>> ids, Supplier<Stream<String>> first) {
        this.count = count;
        this.ids = ids;
        this.first = first;
    }

    /** How many they are. */
    public long count() {
        return count;
    }

    /** Their ids, each once. */
    public Stream<String> ids() {
        return ids.get();
    }

    /** The ids of a few of them: those that one looks at first. */
    public List<String> few(int most) {
        return first.get().limit(most).toList();
    }

    public static ReachedPages of(Edition edition, Item item) {
        return Sorts.reach(item, edition);
    }

    static ReachedPages listed(List<String> ids) {
        return new ReachedPages(ids.size(), ids::stream, ids::stream);
    }

    /** Every page: counted without a list of them, because a change of the look is told after each step. */
    static ReachedPages all(Edition edition) {
        return new ReachedPages(
                edition.plan().size(),
                () -> edition.all(Page.class).map(Page::id),
                () -> Stream.of(
                                edition.home().map(Page::id).stream(),
                                edition.plan().beneath(null).stream(),
                                edition.plan().beneath(edition.site().home()).stream())
                        .flatMap(ids -> ids)
                        .distinct());
    }

    static Stream<String> wearing(Edition edition, String template) {
        return edition.all(Page.class)
                .filter(p -> edition.worn(p).template().id().equals(template))
                .map(Page::id);
    }

    /** The pages that share it, and those that wear a template in which it is fixed. */
    static List<String> sharing(Edition edition, String shared) {
        return edition.inbound().sharing(shared).stream()
                .flatMap(id -> edition.page(id).isPresent()
                        ? Stream.of(id)
                        : edition.find(Template.class, id).stream()
                                .filter(t -> isFixed(t, shared))
                                .flatMap(t -> wearing(edition, t.id())))
                .distinct()
                .toList();
    }

    private static boolean isFixed(Template template, String shared) {
        return template.zones().stream()
                .flatMap(z -> z.fixed().stream())
                .anyMatch(s -> s.sharedFrom().filter(shared::equals).isPresent());
    }

    /** A section on every page shows on those that it is meant for and that have the place. */
    static List<String> everywhere(Edition edition, SharedSection shared) {
        return edition.all(Page.class)
                .filter(p -> Everywhere.shows(edition, p, shared.section()))
                .map(Page::id)
                .toList();
    }
}
