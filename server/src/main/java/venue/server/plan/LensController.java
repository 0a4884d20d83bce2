package venue.server.plan;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.PersonId;
import venue.core.body.trace.Rating;
import venue.core.body.trace.Reads;
import venue.core.body.trace.Traces;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Lineage;
import venue.core.edition.edition.Ordered;
import venue.core.edition.merge.Archive;
import venue.core.model.page.BeneathOrder;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.server.filling.AtMidnight;
import venue.server.filling.TraceFacts;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.store.journal.Journal;
import venue.store.rating.PageRatings;
import venue.store.visit.Visits;

/** What the plan asks for only where a lens or a card shows it. */
@RestController
@RequestMapping("/api/sites/{site}/plan")
class LensController {

    private final People people;
    private final AtMidnight atMidnight;
    private final TraceFacts traces;
    private final PageRatings ratings;
    private final Visits visits;

    LensController(People people, AtMidnight atMidnight, TraceFacts traces, PageRatings ratings, Visits visits) {
        this.atMidnight = atMidnight;
        this.traces = traces;
        this.ratings = ratings;
        this.visits = visits;
        this.people = people;
    }

    /**
     * How a page came to be as it is.
     *
     * @param at when it was changed last, ISO 8601; absent where the site began with it
     * @param behind how many of its sections are behind what they were copied from
     * @param read how often people read it over the last 30 whole days; 0 where that is not counted
     */
    record PageCame(
            String page, @Nullable String at, @Nullable String who, int behind, int read) {}

    /** All pages of the working copy. */
    @GetMapping("/came")
    List<PageCame> came(Here here) {
        Map<String, Journal.Last> last = here.workspace().journal().lastOfAll(here.site(), "");
        Function<PersonId, String> names = people.names();
        Edition working = here.working();
        Archive archive = here.workspace().archive();
        Reads reads = atMidnight.of(here.site(), here.now().live().site()).reads();
        return working.plan()
                .inOrder()
                .map(id -> working.require(Page.class, id))
                .map(page -> {
                    Optional<Journal.Last> came = Optional.ofNullable(last.get(page.id()));
                    return new PageCame(
                            page.id(),
                            came.map(Journal.Last::at).orElse(null),
                            came.map(l -> names.apply(l.who())).orElse(null),
                            behind(working, page, archive),
                            reads.of(page.id()));
                })
                .toList();
    }

    private static int behind(Edition working, Page page, Archive archive) {
        return (int) page.zones()
                .all()
                .filter(s -> s.origin() != null)
                .filter(s -> Lineage.of(working, s, archive::find) == Lineage.BEHIND)
                .count();
    }

    /**
     * What visitors left on a page.
     *
     * @param counted whether it is counted how often pages are read
     * @param people how often over the last 30 whole days, as listings order by
     * @param robots the same by robots
     * @param days by people, day by day, the last one yesterday
     * @param comments how many stand on it
     * @param rated how many gave it from one to five
     * @param mean of what they gave, to one decimal
     */
    record PageTraces(
            boolean counted, int people, int robots, List<Integer> days, int comments, int rated, BigDecimal mean) {}

    @GetMapping("/traces")
    PageTraces traces(Here here, @RequestParam String page) {
        Site site = here.now().live().site();
        LocalDate today = atMidnight.today(site);
        Map<LocalDate, Visits.Day> days = visits.days(here.site(), page, today.minusDays(Reads.DAYS), today);
        Traces now = traces.of(here.site());
        Rating rating = now.ratings().of(page);
        return new PageTraces(
                SiteFacts.countsReads(site),
                now.day().reads().of(page),
                (int) days.values().stream().mapToLong(Visits.Day::robots).sum(),
                today.minusDays(Reads.DAYS)
                        .datesUntil(today)
                        .map(d -> days.containsKey(d) ? (int) days.get(d).people() : 0)
                        .toList(),
                now.comments().count(page),
                rating.count(),
                rating.mean());
    }

    /** A page whose ratings are meant. */
    record RatedPage(String page) {}

    /** Takes away for good what visitors gave a page. */
    @PostMapping("/ratings/clear")
    PageTraces clear(Here here, @RequestBody RatedPage rated) {
        here.requireManager("clear ratings");
        here.working().require(Page.class, rated.page());
        ratings.clear(here.by(), here.site(), rated.page());
        return traces(here, rated.page());
    }

    /** A date or number by which pages can be ordered. */
    record OrderField(String key, String label) {}

    /**
     * How the pages beneath one are ordered.
     *
     * @param by {@code title} or the key of a field; absent where somebody orders them by hand
     */
    record OrderBeneathTold(@Nullable String by, boolean down, List<OrderField> fields) {}

    /** @param page absent for the top */
    @GetMapping("/order")
    OrderBeneathTold order(Here here, @RequestParam(name = "page", required = false) @Nullable String page) {
        Edition working = here.working();
        Optional<BeneathOrder> kept = Ordered.kept(working, page);
        return new OrderBeneathTold(
                kept.map(BeneathOrder::by).orElse(null),
                kept.map(BeneathOrder::down).orElse(false),
                Ordered.fields(working, page).stream()
                        .map(f -> new OrderField(f.key(), f.label()))
                        .toList());
    }
}
