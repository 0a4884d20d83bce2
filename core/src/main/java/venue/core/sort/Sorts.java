package venue.core.sort;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;

/** All sorts of item: what is asked of any item is asked here, and answered by its sort. */
public final class Sorts {

    private static final Map<Class<?>, Sort<?>> BY_TYPE = List.of(
                    new SiteSort(),
                    new PageSort(),
                    new EntrySort(),
                    new FormSort(),
                    new MenuSort(),
                    new GroupSort(),
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

    /** The item as it would be kept in the site {@code then}; refused where it is not as what is declared says. */
    public static Item checked(Item item, Edition then) {
        WholeCheck.words(item, item.name(), of(item).longestName());
        return of(item).checked(item, new WholeCheck(then));
    }

    /** What it says of itself in a list, besides its name. */
    public static String note(Item item) {
        return of(item).note(item);
    }

    /** Whether editors may change it; what is of a kind may be changed as its kind says. */
    public static boolean isForEditors(Item item) {
        return of(item).isForEditors();
    }

    /** What differs between two contents of an item, one of which may be absent, in sentences. */
    public static List<String> tells(@Nullable Item live, @Nullable Item working, Between between) {
        return working == null
                ? of(Objects.requireNonNull(live)).tellsGone(live, between)
                : of(working).tells(live, working, between);
    }

    /** Ids of what visitors must have as well when they get the item. */
    public static Stream<String> needs(Item item, Between between) {
        return Stream.concat(of(item).needs(item, between), between.missing(groups(item)));
    }

    /** Ids of the groups of members that it names. */
    public static Stream<String> groups(Item item) {
        return of(item).groups(item);
    }

    /** What of it may reach visitors; empty where nothing does. */
    public static Optional<Item> toVisitors(Item item) {
        return of(item).toVisitors(item);
    }

    /** Whether there is the same to choose from after a change; an absent side means that the item is not there. */
    public static boolean isShapedAlike(@Nullable Item was, Edition before, @Nullable Item is, Edition after) {
        return was != null
                && is != null
                && was.getClass() == is.getClass()
                && of(is).isShapedAlike(was, before, is, after);
    }

    /** What comes along when it is carried elsewhere, besides what it needs. */
    public static List<? extends Item> along(Item item, Edition edition, boolean withEntries) {
        return of(item).along(item, edition, withEntries);
    }

    /** The item as it is carried: without what belongs to where it is from. */
    public static Item carried(Item item) {
        return of(item).carried(item);
    }

    /** What is left of it in a site of which the structure alone is copied. */
    public static Optional<Item> bare(Item item, Bare bare) {
        return of(item).bare(item, bare);
    }

    /** What makes two items the very same thing, each in its site; empty where only their identity does. */
    public static Optional<String> likeness(Item item) {
        return of(item).likeness(item).map(l -> item.getClass().getSimpleName() + " " + l);
    }

    /** The item as it comes into a site, where some of it stays as it is there; empty where it has no place. */
    public static Optional<Item> arriving(Item item, Arrival at) {
        return of(item).arriving(item, at);
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
