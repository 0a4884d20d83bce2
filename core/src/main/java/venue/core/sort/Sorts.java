package venue.core.sort;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;

/** All sorts of item: what is asked of any item is asked here, and answered by its sort. */
public final class Sorts {

    private static final Map<Class<?>, Sort<?>> BY_TYPE = List.of(
                    new SiteSort(),
                    new PageSort(),
                    new EntrySort(),
                    new MenuSort(),
                    new LookSort(),
                    new TemplateSort(),
                    new KindSort(),
                    new PatternSort(),
                    new SharedSort(),
                    new MediaSort(),
                    new RedirectSort())
            .stream()
            .collect(Collectors.toUnmodifiableMap(Sort::type, Function.identity()));

    private Sorts() {}

    /** The item called otherwise; empty where there can't be two of it in one site: the site, a menu, a redirect. */
    public static Optional<Item> called(Item item, String name) {
        return of(item).called(item, name);
    }

    static Set<Class<?>> types() {
        return BY_TYPE.keySet();
    }

    static Optional<Item> anew(Item item, String id, Walk walk) {
        return of(item).anew(item, id, walk);
    }

    static ReachedPages reach(Item item, Edition edition) {
        return of(item).reach(item, edition);
    }

    /** Every sort is listed under the class of its items. */
    @SuppressWarnings("unchecked")
    private static Sort<Item> of(Item item) {
        Sort<?> sort = BY_TYPE.get(item.getClass());
        if (sort == null) {
            throw new IllegalArgumentException("no sort for " + item.getClass());
        }
        return (Sort<Item>) sort;
    }
}
