package venue.core.edition.edition;

import java.math.BigDecimal;
import java.text.CollationKey;
import java.text.Collator;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import venue.core.basics.text.Letters;
import venue.core.basics.value.Value;
import venue.core.model.page.OfKind;
import venue.core.model.page.Page;
import venue.core.model.property.Choice;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.site.Site;

/**
 * The pages and entries of each kind in the order of their titles or of what a field of theirs holds. An order is worked out when it
 * is first asked for and carried on from step to step by what the step touches.
 */
public final class Ranks {

    /** Orders go by this beside keys of fields. */
    public static final String TITLE = "";

    /** More changes at once are not carried on: working it out anew is as quick. */
    private static final int MOST_TURNS = 500;

    private record Order(String kind, String by) {}

    /** @param rank absent for what has none, which comes last */
    private record Placed(@Nullable Comparable<Object> rank, Page page) {}

    private static final Comparator<Placed> BY_RANK = Comparator.comparing(
                    Placed::rank, Comparator.nullsLast(Comparator.<Comparable<Object>>naturalOrder()))
            .thenComparing(p -> p.page().id());

    private final Edition edition;
    /** Made once: there is a key for each title of a site. */
    private volatile @Nullable Collator collator;

    private final Map<Order, List<Placed>> known = new ConcurrentHashMap<>();

    Ranks(Edition edition) {
        this.edition = edition;
    }

    /** The pages or entries of a kind, the least first; what has nothing there last, also in reverse. */
    public List<Page> of(String kind, String by, boolean reversed) {
        List<Placed> order = known.computeIfAbsent(new Order(kind, by), this::workedOut);
        List<Page> pages = new ArrayList<>(order.size());
        int ranked = order.size();
        while (ranked > 0 && order.get(ranked - 1).rank() == null) {
            ranked--;
        }
        order.subList(0, ranked).forEach(p -> pages.add(p.page()));
        if (reversed) {
            Collections.reverse(pages);
        }
        order.subList(ranked, order.size()).forEach(p -> pages.add(p.page()));
        return pages;
    }

    /**
     * The next of a page's kind in that order.
     *
     * @param step 1 for the one after it, -1 for the one before
     * @param counts which pages count
     */
    public Optional<Page> beside(Page page, String by, int step, Predicate<Page> counts) {
        List<Placed> order = known.computeIfAbsent(new Order(page.kind(), by), this::workedOut);
        int at = Collections.binarySearch(order, placed(page, by), BY_RANK);
        for (int i = at + step;
                at >= 0 && i >= 0 && i < order.size() && order.get(i).rank() != null;
                i += step) {
            if (counts.test(order.get(i).page())) {
                return Optional.of(order.get(i).page());
            }
        }
        return Optional.empty();
    }

    /** Any pages in that order, as the same two compare within their kind. */
    public List<Page> sorted(List<Page> pages, String by, boolean reversed) {
        List<Placed> placed = new ArrayList<>(pages.size());
        pages.forEach(p -> placed.add(placed(p, by)));
        Comparator<Comparable<Object>> order = Comparator.naturalOrder();
        placed.sort(Comparator.comparing(Placed::rank, Comparator.nullsLast(reversed ? order.reversed() : order)));
        return placed.stream().map(Placed::page).toList();
    }

    private List<Placed> workedOut(Order order) {
        List<Placed> all = new ArrayList<>();
        edition.plan()
                .ofKind(order.kind())
                .forEach(id -> edition.page(id).ifPresent(p -> all.add(placed(p, order.by()))));
        edition.entries(order.kind()).forEach(e -> all.add(placed(e.asListed(), order.by())));
        all.sort(BY_RANK);
        return all;
    }

    private Placed placed(Page page, String by) {
        return new Placed(rank(page, by), page);
    }

    @SuppressWarnings("unchecked")
    private @Nullable Comparable<Object> rank(Page page, String by) {
        Optional<? extends Comparable<?>> rank = by.equals(TITLE)
                ? Optional.of(words(page.title()))
                : edition.kindOf(page)
                        .flatMap(k -> k.field(by))
                        .flatMap(f -> f.in(page.fields()).flatMap(v -> rank(f, v)));
        // Ranks of one order are of one class: that of the field's type.
        return (Comparable<Object>) rank.orElse(null);
    }

    private Optional<? extends Comparable<?>> rank(Property field, Value value) {
        if (field.type() == PropertyType.NUMBER) {
            return value instanceof Value.Num num ? Optional.<BigDecimal>of(num.number()) : Optional.empty();
        }
        if (value instanceof Value.Flag flag) {
            return field.type() == PropertyType.YES_NO ? Optional.of(!flag.yes()) : Optional.empty();
        }
        if (!(value instanceof Value.Text text) || text.text().isBlank()) {
            return Optional.empty();
        }
        return switch (field.type()) {
            case DATE, DATE_TIME -> Optional.of(text.text());
            case CHOICE ->
                Optional.of(field.choices().stream().map(Choice::value).toList().indexOf(text.text()));
            case PAGE, TOPIC -> edition.page(text.text()).map(p -> words(p.title()));
            case YES_NO, MANY -> Optional.empty();
            default -> Optional.of(words(text.text()));
        };
    }

    /** Words as the site's language orders them (Unicode collation, without regard to case and accents first). */
    private CollationKey words(String words) {
        Collator known = collator;
        if (known == null) {
            known = Letters.collator(edition.site().language());
            collator = known;
        }
        return known.getCollationKey(words.strip());
    }

    /** The orders of the edition that comes of some changes, as far as they are known here. */
    Ranks after(Collection<ItemChange> turns, Edition after) {
        Ranks next = new Ranks(after);
        if (turns.size() > MOST_TURNS || turns.stream().anyMatch(t -> t.isOfFields() || isOfLanguage(t))) {
            return next;
        }
        known.forEach((order, pages) -> {
            List<ItemChange> of = turns.stream()
                    .filter(t -> of(t.was(OfKind.class), order).isPresent()
                            || of(t.is(OfKind.class), order).isPresent())
                    .toList();
            next.known.put(order, of.isEmpty() ? pages : changed(order, pages, of, next));
        });
        return next;
    }

    private static boolean isOfLanguage(ItemChange turn) {
        return turn.changes(Site.class, (was, is) -> was.language().equals(is.language()));
    }

    private List<Placed> changed(Order order, List<Placed> pages, List<ItemChange> turns, Ranks next) {
        List<Placed> changed = new ArrayList<>(pages);
        for (ItemChange turn : turns) {
            of(turn.was(OfKind.class), order).ifPresent(was -> {
                int at = Collections.binarySearch(changed, placed(was, order.by()), BY_RANK);
                if (at >= 0) {
                    changed.remove(at);
                }
            });
            of(turn.is(OfKind.class), order).ifPresent(is -> {
                Placed placed = next.placed(is, order.by());
                changed.add(-1 - Collections.binarySearch(changed, placed, BY_RANK), placed);
            });
        }
        return changed;
    }

    private static Optional<Page> of(Optional<OfKind> item, Order order) {
        return item.filter(i -> i.kind().equals(order.kind())).map(OfKind::asListed);
    }
}
