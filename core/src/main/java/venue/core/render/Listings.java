package venue.core.render;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import venue.core.edition.Edition;
import venue.core.element.ListingQuery;
import venue.core.entry.Entry;
import venue.core.page.Page;
import venue.core.property.UsualFields;
import venue.core.value.Window;

/** Answers what a listing asks for. */
final class Listings {

    private Listings() {}

    static List<Page> of(View view, ListingQuery query) {
        Stream<Page> entries = view.edition().entries(query.kind()).stream().map(Entry::asListed);
        Stream<Page> pages = Stream.concat(
                        entries,
                        view.edition().plan().ofKind(query.kind()).stream()
                                .map(view.edition()::page)
                                .flatMap(Optional::stream)
                                .filter(view::shows))
                .filter(within(view.edition(), query.which(), view.localTime().toString()));
        return order(view.edition(), pages, query.order())
                .limit(Math.max(1, query.limit()))
                .toList();
    }

    private static Predicate<Page> within(Edition edition, String which, String now) {
        return switch (which) {
            case "coming" ->
                p -> !date(edition, p).isEmpty()
                        && !Window.until(date(edition, p)).isOver(now);
            case "past" -> p -> Window.until(date(edition, p)).isOver(now);
            default -> p -> true;
        };
    }

    private static Stream<Page> order(Edition edition, Stream<Page> pages, String order) {
        return switch (order) {
            case "newest" ->
                pages.sorted(Comparator.comparing((Page p) -> date(edition, p)).reversed());
            case "soonest" -> pages.sorted(Comparator.comparing(p -> date(edition, p)));
            case "title" -> pages.sorted(Comparator.comparing(Page::title, String.CASE_INSENSITIVE_ORDER));
            default -> pages;
        };
    }

    private static String date(Edition edition, Page page) {
        return edition.words(page, UsualFields.DATE);
    }
}
