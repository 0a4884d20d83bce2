package venue.core.show.gathering;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Window;
import venue.core.body.listing.Condition;
import venue.core.body.listing.Held;
import venue.core.body.listing.ListingQuery;
import venue.core.body.listing.ListingQuery.By;
import venue.core.body.listing.ListingQuery.When;
import venue.core.body.listing.Source;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Ranks;
import venue.core.model.entry.Entry;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;

/** Which pages and entries match what a listing asks for, and in which order. */
final class Matching {

    /** The title is compared like a field. */
    static final Property TITLE = Property.of("title", "Title", PropertyType.WORDS);

    /** Ways of looking that find things in an order of their own. */
    private static final Set<Source.Way> OWN_ORDER =
            EnumSet.of(Source.Way.CHOSEN, Source.Way.NAMED_HERE, Source.Way.SHARING_TOPICS);

    private final Onlooker looks;
    private final Edition edition;
    private final ListingQuery query;
    private final Page here;
    private final String now;

    Matching(Onlooker looks, ListingQuery query, Page here) {
        this.looks = looks;
        this.edition = looks.edition();
        this.query = query;
        this.here = here;
        now = looks.now().toString();
    }

    List<Page> inOrder() {
        Set<String> except = new HashSet<>(query.which().except());
        return candidates().stream()
                .filter(p -> !except.contains(p.id()))
                .filter(this::mayBeSeen)
                .filter(isWithin(query.which().when()))
                .filter(this::meetsConditions)
                .toList();
    }

    /** A page that this onlooker may open; an entry has none, and whoever sees the listing sees it. */
    private boolean mayBeSeen(Page page) {
        return looks.opens().test(page) || edition.page(page.id()).isEmpty();
    }

    /** What may match by its kind and place, in order. */
    private List<Page> candidates() {
        Source source = query.source();
        if (source.way() == Source.Way.KIND && query.which().kinds().size() == 1) {
            return ofOneKind(query.which().kinds().get(0));
        }
        Set<String> kinds = new HashSet<>(query.which().kinds());
        List<Page> found = found(source)
                .filter(p -> kinds.isEmpty() || kinds.contains(p.kind()))
                .toList();
        boolean inOwnOrder = OWN_ORDER.contains(source.way());
        return query.order().by() == By.PLAN && inOwnOrder ? turned(found) : ordered(found);
    }

    private List<Page> ofOneKind(String kind) {
        ListingQuery.Order order = query.order();
        return switch (order.by()) {
            case DATE -> edition.ranks().of(kind, UsualFields.DATE, order.reversed());
            case TITLE -> edition.ranks().of(kind, Ranks.TITLE, order.reversed());
            case FIELD -> edition.ranks().of(kind, order.field(), order.reversed());
            case READ, RATED -> liked(edition.ranks().of(kind, UsualFields.DATE, true));
            case PLAN, CHANGED -> ordered(ofKind(kind).toList());
        };
    }

    private Stream<Page> found(Source source) {
        return switch (source.way()) {
            case KIND -> query.which().kinds().stream().flatMap(this::ofKind);
            case BENEATH -> beneath(source.of(), source.deep());
            case CHILDREN -> beneath(here.id(), source.deep());
            case SIBLINGS ->
                edition.page(here.id()).isEmpty()
                        ? Stream.empty()
                        : pages(edition.plan().beneath(here.parent()).stream());
            case CHOSEN -> source.chosen().stream().flatMap(this::item);
            case NAMED_HERE ->
                edition.field(here, source.of()).map(Held::words).orElse(List.of()).stream()
                        .flatMap(this::item);
            case NAMING_HERE -> Topics.naming(edition, here.id(), source.of());
            case SHARING_TOPICS -> Topics.sharing(edition, here);
        };
    }

    private Stream<Page> item(String id) {
        return edition.page(id).or(() -> edition.find(Entry.class, id).map(Entry::asListed)).stream();
    }

    private Stream<Page> ofKind(String kind) {
        return Stream.concat(
                edition.entries(kind).stream().map(Entry::asListed), pages(edition.plan().ofKind(kind).stream()));
    }

    private Stream<Page> beneath(String parent, boolean deep) {
        if (edition.page(parent).isEmpty()) {
            return Stream.empty();
        }
        return pages(
                deep
                        ? edition.plan().subtree(parent).filter(id -> !id.equals(parent))
                        : edition.plan().beneath(parent).stream());
    }

    private Stream<Page> pages(Stream<String> ids) {
        return ids.map(edition::page).flatMap(Optional::stream);
    }

    private List<Page> ordered(List<Page> pages) {
        ListingQuery.Order order = query.order();
        return switch (order.by()) {
            case DATE -> edition.ranks().sorted(pages, UsualFields.DATE, order.reversed());
            case TITLE -> edition.ranks().sorted(pages, Ranks.TITLE, order.reversed());
            case FIELD -> edition.ranks().sorted(pages, order.field(), order.reversed());
            case PLAN -> turned(pages);
            case CHANGED ->
                turned(pages.stream()
                        .sorted(Comparator.comparing(this::changed).reversed())
                        .toList());
            case READ, RATED -> liked(edition.ranks().sorted(pages, UsualFields.DATE, true));
        };
    }

    /** By how they are read or rated; those alike stay as they come, the newest first. */
    private List<Page> liked(List<Page> newest) {
        ToDoubleFunction<Page> much = query.order().by() == By.READ
                ? p -> looks.day().reads().of(p.id())
                : p -> looks.day().ratings().weighed(p.id());
        return turned(newest.stream()
                .sorted(Comparator.comparingDouble(much).reversed())
                .toList());
    }

    /** What has not been released since it changed is the newest. */
    private Instant changed(Page page) {
        return looks.changed().getOrDefault(page.id(), Instant.MAX);
    }

    private List<Page> turned(List<Page> pages) {
        if (!query.order().reversed()) {
            return pages;
        }
        List<Page> turned = new ArrayList<>(pages);
        Collections.reverse(turned);
        return turned;
    }

    private Predicate<Page> isWithin(When when) {
        return switch (when) {
            case ALL -> p -> true;
            case COMING -> p -> waitsForItsDay(p) || (!date(p).isEmpty() && !end(p).isOver(now));
            case NOW -> p -> !date(p).isEmpty() && date(p).compareTo(now) <= 0 && !end(p).isOver(now);
            case PAST -> p -> end(p).isOver(now);
        };
    }

    /** The next moment at which something begins or is over, or the next day where it is that which counts. */
    Optional<LocalDateTime> turns() {
        Stream<LocalDateTime> byDay = query.which().conditions().stream().anyMatch(Condition::dependsOnDay)
                ? Stream.of(looks.now().toLocalDate().plusDays(1).atStartOfDay())
                : Stream.empty();
        Stream<LocalDateTime> byTime = query.which().when() == When.ALL
                ? Stream.empty()
                : candidates().stream().flatMap(p -> new Window(date(p), end(p).until()).turns(looks.now()).stream());
        return Stream.concat(byDay, byTime).min(Comparator.naturalOrder());
    }

    private String date(Page page) {
        return edition.words(page, UsualFields.DATE);
    }

    private Window end(Page page) {
        String until = edition.words(page, UsualFields.UNTIL);
        return Window.until(until.isEmpty() ? date(page) : until);
    }

    /** Whose day is a place to fill is to come, for those who see such places. */
    private boolean waitsForItsDay(Page page) {
        return looks.marked()
                && edition.field(page, UsualFields.DATE)
                        .filter(v -> v instanceof Value.ToFill)
                        .isPresent();
    }

    private boolean meetsConditions(Page page) {
        List<Condition> conditions = query.which().conditions();
        if (conditions.isEmpty()) {
            return true;
        }
        Predicate<Condition> met = c -> meets(page, c);
        return query.which().any()
                ? conditions.stream().anyMatch(met)
                : conditions.stream().allMatch(met);
    }

    private boolean meets(Page page, Condition condition) {
        if (condition.field().equals(TITLE.key())) {
            return condition.holds(TITLE, Optional.of(Value.of(page.title())), looks.now());
        }
        Optional<Property> declared = edition.kindOf(page).flatMap(k -> k.field(condition.field()));
        return condition.holds(declared.orElse(null), declared.flatMap(f -> f.in(page.fields())), looks.now());
    }
}
