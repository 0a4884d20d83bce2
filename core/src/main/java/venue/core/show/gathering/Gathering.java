package venue.core.show.gathering;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.body.listing.Asked;
import venue.core.body.listing.Condition;
import venue.core.body.listing.Listed;
import venue.core.body.listing.ListingQuery;
import venue.core.body.listing.ListingQuery.Amount;
import venue.core.model.page.Page;

/**
 * What one listing on one page shows to one onlooker. What it gathers is kept with the edition, so that a page that is written again
 * costs what it shows and not what the site holds.
 */
public final class Gathering {

    /** The most that stand on one page where all are asked for. */
    public static final int MOST = 1_000;

    private final Onlooker looks;
    private final ListingQuery query;
    private final Page here;
    private final Asked asked;
    private final Choices choices;

    /** @param here the page that the listing stands on, which it never shows */
    public Gathering(Onlooker looks, ListingQuery query, Page here, Asked asked) {
        this.looks = looks;
        this.here = here;
        this.asked = asked;
        choices = new Choices(looks, query.offered(), asked.chosen(query.name()));
        this.query = query.sorted(choices.chosen().getOrDefault(Listed.SORT, ""));
    }

    /** All that it would show on all its pages, before a visitor chooses. */
    public List<Page> all(Set<String> above) {
        return rest(matching(), above);
    }

    /** @param above ids of what listings above on the page show */
    public Listed listed(Set<String> above) {
        List<Page> matching = matching();
        List<Page> chosen = choices.isNothing() ? matching : choices.among(matching);
        List<Page> shown = rest(chosen, above);
        Amount amount = query.amount();
        int from = Math.min(amount.skip(), shown.size());
        int left = shown.size() - from;
        int each = amount.each() == 0 ? MOST : amount.each();
        int total = amount.paged() || amount.each() == 0 ? left : Math.min(left, each);
        int pages = amount.paged() ? Math.max(1, (total + each - 1) / each) : 1;
        int number = asked.numberOf(query.name());
        int first = Math.min(from + (number - 1) * each, shown.size());
        List<Page> these = shown.subList(first, Math.min(first + each, shown.size()));
        return new Listed(
                query.name(),
                these,
                new Listed.Portion(total, number, pages),
                choices.chosen(),
                query.offered().isNothing() ? List.of() : offers(matching),
                these.isEmpty() && looks.marked() ? new WhyEmpty(looks, query, here).words() : "");
    }

    /** Kept where nothing is chosen: what visitors choose is without number, and would push out what all of them want. */
    private List<Listed.Offer> offers(List<Page> matching) {
        return choices.isNothing()
                ? looks.edition().kept(key("offers"), () -> choices.offers(matching))
                : choices.offers(matching);
    }

    /** All that match, in order; this page and what stands above are among them still. */
    private List<Page> matching() {
        return looks.edition().kept(key("matching"), () -> new Matching(looks, query, here).inOrder());
    }

    /** The next moment at which others may match, though nothing on the site changes. */
    public Optional<LocalDateTime> turns() {
        return isTimed()
                ? looks.edition().kept(key("turns"), () -> new Matching(looks, query, here).turns())
                : Optional.empty();
    }

    private boolean isTimed() {
        return query.which().when() != ListingQuery.When.ALL
                || query.which().conditions().stream().anyMatch(Condition::dependsOnDay);
    }

    /** By what an answer is known: by all that it may be another for. */
    private Object key(String what) {
        return List.of(
                what,
                query.named(""),
                query.source().way().dependsOnPage() ? here.id() : "",
                looks.visitor(),
                looks.marked(),
                isTimed() ? looks.now().withSecond(0).withNano(0) : "",
                switch (query.order().by()) {
                    case CHANGED -> System.identityHashCode(looks.changed());
                    case READ, RATED -> System.identityHashCode(looks.day());
                    default -> 0;
                });
    }

    /** Those first that are to be first. */
    private Map<String, Page> ordered(List<Page> pages) {
        Map<String, Page> ordered = new LinkedHashMap<>();
        Stream<Page> first = query.first().stream()
                .map(places(pages)::get)
                .filter(Objects::nonNull)
                .map(pages::get);
        Stream.concat(first, pages.stream()).forEach(p -> ordered.putIfAbsent(p.id(), p));
        return ordered;
    }

    /** Without this page and what stands above, and with those first that are kept first. */
    private List<Page> rest(List<Page> pages, Set<String> above) {
        if (query.first().isEmpty() && (!query.which().fresh() || above.isEmpty())) {
            return withoutHere(pages);
        }
        Map<String, Page> ordered = ordered(pages);
        ordered.remove(here.id());
        if (query.which().fresh()) {
            ordered.keySet().removeAll(above);
        }
        return List.copyOf(ordered.values());
    }

    private List<Page> withoutHere(List<Page> pages) {
        boolean isAmong =
                query.which().kinds().isEmpty() || query.which().kinds().contains(here.kind());
        Integer at = isAmong ? places(pages).get(here.id()) : null;
        if (at == null) {
            return pages;
        }
        List<Page> others = new ArrayList<>(pages.subList(0, at));
        others.addAll(pages.subList(at + 1, pages.size()));
        return others;
    }

    private Map<String, Integer> places(List<Page> pages) {
        return looks.edition().kept(new Places(pages), () -> {
            Map<String, Integer> places = new HashMap<>();
            pages.forEach(p -> places.put(p.id(), places.size()));
            return places;
        });
    }

    /** Where each stands in a list, which is known as itself: comparing long ones would cost more than walking them. */
    private record Places(List<Page> pages) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Places places && places.pages == pages;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(pages);
        }
    }
}
