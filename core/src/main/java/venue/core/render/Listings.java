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
import venue.core.value.Value;
import venue.core.value.Window;

/** Answers what a listing asks for. */
final class Listings {

    private Listings() {}

    /** @param from the id of the page that the listing stands on, which it leaves out */
    static List<Page> of(View view, ListingQuery query, String from) {
        Stream<Page> entries = view.edition().entries(query.kind()).stream().map(Entry::asListed);
        Stream<Page> pages = Stream.concat(
                        entries,
                        view.edition().plan().ofKind(query.kind()).stream()
                                .map(view.edition()::page)
                                .flatMap(Optional::stream)
                                .filter(view::shows))
                .filter(p -> !p.id().equals(from))
                .filter(within(view, query.which()));
        return order(view.edition(), pages, query.order())
                .limit(Math.max(1, query.limit()))
                .toList();
    }

    private static Predicate<Page> within(View view, String which) {
        Edition edition = view.edition();
        String now = view.localTime().toString();
        return switch (which) {
            case "coming" ->
                p -> waitsForItsDay(view, p)
                        || (!date(edition, p).isEmpty()
                                && !Window.until(date(edition, p)).isOver(now));
            case "past" -> p -> Window.until(date(edition, p)).isOver(now);
            default -> p -> true;
        };
    }

    /** Whose day is a place to fill is to come, for those who see such places. */
    private static boolean waitsForItsDay(View view, Page page) {
        return view.isMarked()
                && view.edition()
                        .field(page, UsualFields.DATE)
                        .filter(v -> v instanceof Value.ToFill)
                        .isPresent();
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
