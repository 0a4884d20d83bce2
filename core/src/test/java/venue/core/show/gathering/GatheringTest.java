package venue.core.show.gathering;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.body.listing.Asked;
import venue.core.body.listing.Condition;
import venue.core.body.listing.Listed;
import venue.core.body.listing.ListingQuery;
import venue.core.body.listing.ListingQuery.Amount;
import venue.core.body.listing.ListingQuery.By;
import venue.core.body.listing.ListingQuery.Offered;
import venue.core.body.listing.ListingQuery.Order;
import venue.core.body.listing.ListingQuery.When;
import venue.core.body.listing.ListingQuery.Which;
import venue.core.body.listing.Source;
import venue.core.body.trace.DayCounts;
import venue.core.body.trace.Ratings;
import venue.core.body.trace.Reads;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** What listings gather, held to the plainest way of finding the same. */
class GatheringTest {

    private static final LocalDateTime NOW = LocalDateTime.parse("2026-11-27T12:00");
    private static final Kind NIGHT = Kind.named(
            "night",
            "Night",
            "",
            List.of(
                    Property.of("date", "When", PropertyType.DATE),
                    Property.of("places", "Places", PropertyType.NUMBER),
                    Property.choice("place", "Place", "dome=Dome", "moor=Moor", "shed=Shed"),
                    Property.many("guides", "Guides", Property.of("one", "Guide", PropertyType.WORDS))));
    private static final Source ALL = new Source(Source.Way.KIND, "", true, List.of());

    /** A site of some nights, each with something in some of its fields. */
    private static Edition nights(Random chance, int count) {
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            pages.add(night(chance, "n" + i));
        }
        pages.add(Sites.page("home", null, 0, "Home", ""));
        return Edition.of(Sites.items(pages.toArray(Page[]::new))).with(List.of(NIGHT), List.of());
    }

    private static Page night(Random chance, String id) {
        Map<String, Value> fields = new TreeMap<>();
        if (chance.nextInt(5) > 0) {
            fields.put("date", Value.of(String.format("202%d-%02d-27", 5 + chance.nextInt(3), 1 + chance.nextInt(12))));
        }
        if (chance.nextInt(4) > 0) {
            fields.put("places", Value.of(chance.nextInt(4) * 10L));
        }
        if (chance.nextInt(4) > 0) {
            fields.put("place", Value.of(List.of("dome", "moor", "shed").get(chance.nextInt(3))));
        }
        if (chance.nextBoolean()) {
            fields.put(
                    "guides",
                    new Value.Many(List.of(
                            Map.of("one", Value.of("Siân " + chance.nextInt(2))), Map.of("one", Value.of("Noor")))));
        }
        Page page = Sites.page(id, null, 1 + chance.nextInt(90), "Night " + chance.nextInt(30), "");
        page = Page.of(id, page.title(), id, "night")
                .withPlace(null, page.position())
                .withZones(page.zones())
                .withFields(fields);
        return page.withWithdrawn(chance.nextInt(6) == 0);
    }

    private static Onlooker looks(Edition site) {
        return new Onlooker(site, "anybody", p -> site.plan().isShown(p.id()), false, NOW, Map.of());
    }

    private static ListingQuery query(List<Condition> conditions, boolean any, When when, Order order, Amount amount) {
        Offered offered = new Offered(List.of("place", "guides"), true, true, false, false);
        return new ListingQuery(
                "",
                ALL,
                new Which(List.of("night"), conditions, any, when, false, List.of()),
                List.of(),
                order,
                amount,
                offered);
    }

    private static final Order NEWEST = new Order(By.DATE, "", true);
    private static final Amount WHOLE = new Amount(false, 0, 0);

    private static Listed listed(Edition site, ListingQuery query, Asked asked) {
        return new Gathering(looks(site), query, site.home().orElseThrow(), asked).listed(Set.of());
    }

    private static List<String> ids(List<Page> pages) {
        return pages.stream().map(Page::id).toList();
    }

    @net.jqwik.api.Property(tries = 200)
    void allPagesTogetherShowEachOnceAndInOrder(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition site = nights(chance, chance.nextInt(40));
        Order order = new Order(By.values()[chance.nextInt(5)], "places", chance.nextBoolean());
        int skip = chance.nextInt(5);
        List<Page> whole = listed(site, query(List.of(), false, When.ALL, order, WHOLE), Asked.NOTHING)
                .pages();
        ListingQuery paged = query(List.of(), false, When.ALL, order, new Amount(true, 1 + chance.nextInt(9), skip));
        List<Page> together = new ArrayList<>();
        Listed first = listed(site, paged, Asked.NOTHING);
        for (int n = 1; n <= first.portion().of(); n++) {
            together.addAll(listed(site, paged, new Asked("", n, Map.of())).pages());
        }
        assertThat(ids(together)).isEqualTo(ids(whole.subList(Math.min(skip, whole.size()), whole.size())));
        assertThat(together).doesNotHaveDuplicates().hasSize(first.portion().total());
        assertThat(listed(site, paged, new Asked("", first.portion().of() + 1, Map.of()))
                        .pages())
                .isEmpty();
    }

    @net.jqwik.api.Property(tries = 300)
    void conditionsAgreeWithAPlainFilter(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition site = nights(chance, 30);
        List<Condition> conditions = new ArrayList<>();
        for (int i = 0; i <= chance.nextInt(3); i++) {
            String field =
                    List.of("date", "places", "place", "guides", "nothing").get(chance.nextInt(5));
            String wanted = List.of("2026-03-27", "today", "20", "dome", "noor").get(chance.nextInt(5));
            conditions.add(new Condition(
                    field, Condition.Test.values()[chance.nextInt(Condition.Test.values().length)], wanted));
        }
        boolean any = chance.nextBoolean();
        When when = When.values()[chance.nextInt(4)];
        List<Page> found = listed(site, query(conditions, any, when, NEWEST, WHOLE), Asked.NOTHING)
                .pages();
        List<String> plain = site.all(Page.class)
                .filter(p -> p.kind().equals("night") && !p.withdrawn())
                .filter(p -> conditions.stream()
                                .filter(c ->
                                        c.holds(NIGHT.field(c.field()).orElse(null), site.field(p, c.field()), NOW))
                                .count()
                        >= (any ? 1 : conditions.size()))
                .filter(p -> isWithin(when, site.words(p, "date")))
                .map(Page::id)
                .toList();
        assertThat(ids(found)).containsExactlyInAnyOrderElementsOf(plain);
        List<String> dates = found.stream().map(p -> site.words(p, "date")).toList();
        assertThat(dates).as("newest first, those without a date last").isSortedAccordingTo(Comparator.reverseOrder());
    }

    private static boolean isWithin(When when, String date) {
        return switch (when) {
            case ALL -> true;
            case COMING -> !date.isEmpty() && date.compareTo("2026-11-27") >= 0;
            case NOW -> date.equals("2026-11-27");
            case PAST -> !date.isEmpty() && date.compareTo("2026-11-27") < 0;
        };
    }

    @net.jqwik.api.Property(tries = 150)
    void whatVisitorsMayChooseLeavesAsManyAsItSays(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition site = nights(chance, 40);
        ListingQuery query = query(List.of(), false, When.ALL, NEWEST, new Amount(true, 7, 0));
        Map<String, String> chosen = new TreeMap<>();
        for (int step = 0; step < 3; step++) {
            Listed now = listed(site, query, new Asked("", 1, chosen));
            now.offers()
                    .forEach(offer -> offer.answers().forEach(answer -> {
                        Map<String, String> with = new TreeMap<>(chosen);
                        with.put(offer.key(), answer.value());
                        assertThat(listed(site, query, new Asked("", 1, with))
                                        .portion()
                                        .total())
                                .isEqualTo(answer.count());
                        assertThat(answer.count() > 0 || answer.isChosen())
                                .as("empty choices aren’t offered")
                                .isTrue();
                    }));
            if (!now.offers().isEmpty()) {
                Listed.Offer offer =
                        now.offers().get(chance.nextInt(now.offers().size()));
                chosen.put(offer.key(), offer.answers().get(0).value());
            }
        }
    }

    @net.jqwik.api.Property(tries = 100)
    void ordersThatAreCarriedOnAreWhatWouldBeWorkedOutAnew(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition site = nights(chance, 25);
        for (int step = 0; step < 6; step++) {
            ordered(site);
            List<Page> put = new ArrayList<>();
            for (int i = 0; i < chance.nextInt(3); i++) {
                put.add(night(chance, "n" + chance.nextInt(28)));
            }
            site = site.with(put, chance.nextInt(3) == 0 ? List.of("n" + chance.nextInt(25)) : List.of());
        }
        assertThat(ordered(site)).isEqualTo(ordered(Edition.of(site.items())));
    }

    private static List<List<String>> ordered(Edition site) {
        return List.of("", "date", "places", "place").stream()
                .flatMap(by -> List.of(true, false).stream()
                        .map(reversed -> ids(site.ranks().of("night", by, reversed))))
                .toList();
    }

    @Test
    void theWordsOfAConditionAreMeantAsPeopleMeanThem() {
        Property when = Property.of("when", "When", PropertyType.DATE_TIME);
        Property guide = Property.of("guide", "Guide", PropertyType.WORDS);
        Value evening = Value.of("2026-11-27T19:00");
        assertThat(holds(when, evening, Condition.Test.IS, "today")).isTrue();
        assertThat(holds(when, evening, Condition.Test.MORE, "today"))
                .as("a day is meant whole")
                .isFalse();
        assertThat(holds(when, evening, Condition.Test.LESS, "2026-11-28")).isTrue();
        assertThat(holds(when, evening, Condition.Test.MORE, "soon"))
                .as("what is no day compares with none")
                .isFalse();
        assertThat(holds(guide, Value.of("Siân"), Condition.Test.IS, "sian")).isTrue();
        assertThat(holds(guide, new Value.ToFill("Who?"), Condition.Test.IS_SET, ""))
                .isFalse();
    }

    private static boolean holds(Property field, Value value, Condition.Test test, String wanted) {
        return new Condition(field.key(), test, wanted).holds(field, java.util.Optional.of(value), NOW);
    }

    /** The law: what is read more stands before what is read less, among those alike the newest; another day's counts, another order. */
    @Test
    void whatIsReadMostStandsFirst() {
        Random chance = new Random(39);
        Edition site = nights(chance, 30);
        ListingQuery most = query(List.of(), false, When.ALL, new Order(By.READ, "", false), WHOLE);
        List<String> newest = ids(site, Reads.NOTHING, query(List.of(), false, When.ALL, NEWEST, WHOLE));
        assertThat(ids(site, Reads.NOTHING, most)).as("nothing is counted").isEqualTo(newest);
        for (int day = 0; day < 20; day++) {
            Map<String, Integer> times = new TreeMap<>();
            newest.forEach(id -> times.put(id, chance.nextInt(4)));
            List<String> law = new ArrayList<>(newest);
            law.sort(Comparator.comparing(times::get).reversed());
            assertThat(ids(site, new Reads(times), most)).isEqualTo(law);
        }
    }

    private static List<String> ids(Edition site, Reads reads, ListingQuery query) {
        Onlooker looks = new Onlooker(
                site,
                "anybody",
                p -> site.plan().isShown(p.id()),
                false,
                NOW,
                Map.of(),
                new DayCounts(reads, Ratings.NOTHING));
        return new Gathering(looks, query, site.home().orElseThrow(), Asked.NOTHING)
                .all(Set.of()).stream().map(Page::id).toList();
    }

    @Test
    void managersAreToldWhatLeavesNothing() {
        Edition site = nights(new Random(4), 12);
        Onlooker marked = new Onlooker(site, "manager", p -> true, true, NOW, Map.of());
        Condition far = new Condition("place", Condition.Test.IS, "peak");
        ListingQuery query = query(List.of(far), false, When.ALL, NEWEST, WHOLE);
        Listed none = new Gathering(marked, query, site.home().orElseThrow(), Asked.NOTHING).listed(Set.of());
        assertThat(none.why()).isEqualTo("None of 12 Night pages meets “Place is peak”");
    }
}
