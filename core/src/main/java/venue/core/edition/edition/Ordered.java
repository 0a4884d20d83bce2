package venue.core.edition.edition;

import java.math.BigDecimal;
import java.text.Collator;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.basics.text.Letters;
import venue.core.basics.value.Value;
import venue.core.model.kind.Kind;
import venue.core.model.page.BeneathOrder;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** The pages beneath a page in an order of their own: by title, or by a date or number that they have. */
public final class Ordered {

    private static final Set<PropertyType> ORDERING =
            Set.of(PropertyType.DATE, PropertyType.DATE_TIME, PropertyType.NUMBER);

    private Ordered() {}

    /** The order that those beneath a page keep; empty at the top, and where somebody orders them by hand. */
    public static Optional<BeneathOrder> kept(Edition edition, @Nullable String parent) {
        return edition.page(parent).flatMap(BeneathOrder::of);
    }

    /** By what those beneath a page keep themselves in order, in a word. */
    public static Optional<String> keptWords(Edition edition, String parent) {
        return kept(edition, parent)
                .map(order -> order.by().equals(BeneathOrder.TITLE)
                        ? BeneathOrder.TITLE
                        : fields(edition, parent).stream()
                                .filter(f -> f.key().equals(order.by()))
                                .map(Property::label)
                                .findFirst()
                                .orElse(order.by()));
    }

    /** Their ids in that order; those without what it goes by come last, by title. */
    public static List<String> of(Edition edition, @Nullable String parent, BeneathOrder order) {
        Collator collator = Letters.collator(edition.site().language());
        Map<String, Page> pages = new HashMap<>();
        edition.plan().beneath(parent).forEach(id -> pages.put(id, edition.require(Page.class, id)));
        Comparator<Page> byTitle = Comparator.comparing(Page::title, collator::compare);
        Comparator<Page> wanted = order.by().equals(BeneathOrder.TITLE)
                ? turned(byTitle, order.down())
                : Comparator.comparing((Page p) -> key(p, order).isEmpty())
                        .thenComparing(turned(
                                Comparator.comparing(
                                        (Page p) -> key(p, order).orElse(null),
                                        Comparator.nullsLast(Ordered::compared)),
                                order.down()))
                        .thenComparing(byTitle);
        return pages.values().stream()
                .sorted(wanted.thenComparing(Page::id))
                .map(Page::id)
                .toList();
    }

    private static <T> Comparator<T> turned(Comparator<T> order, boolean down) {
        return down ? order.reversed() : order;
    }

    private static Optional<Value> key(Page page, BeneathOrder order) {
        return Optional.ofNullable(page.fields().get(order.by()));
    }

    /** Dates are ISO 8601, so they stand in the order of their letters. */
    private static int compared(Value one, Value other) {
        if (one instanceof Value.Num a && other instanceof Value.Num b) {
            BigDecimal first = a.number();
            return first.compareTo(b.number());
        }
        return one.toString().compareTo(other.toString());
    }

    /** The dates and numbers that pages beneath one have, by which they can be ordered. */
    public static List<Property> fields(Edition edition, @Nullable String parent) {
        Map<String, Property> fields = new LinkedHashMap<>();
        edition.plan().beneath(parent).stream()
                .map(id -> edition.require(Page.class, id).kind())
                .distinct()
                .flatMap(kind -> edition.find(Kind.class, kind).stream())
                .flatMap(kind -> kind.fields().stream())
                .filter(f -> ORDERING.contains(f.type()))
                .forEach(f -> fields.putIfAbsent(f.key(), f));
        return List.copyOf(fields.values());
    }
}
