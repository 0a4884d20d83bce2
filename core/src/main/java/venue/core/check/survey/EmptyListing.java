package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;

/** Listings of a kind of which there is nothing. */
final class EmptyListing extends DeclaredRule {

    EmptyListing() {
        super(
                "empty-listing",
                "Listing with nothing to list",
                Severity.NOTE,
                "Visitors find what it says where nothing is, or a gap.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .flatMap(stand -> scope.edition().facts(stand.item()).lists().listed().stream()
                        .sorted()
                        .filter(kind -> isEmpty(scope.edition(), kind))
                        .flatMap(kind -> scope.edition().find(Kind.class, kind).stream())
                        .map(kind ->
                                Finding.of(this, stand.page(), "Lists " + kind.pages() + ", and there are none yet.")));
    }

    /** What lists the kind of which the first came, or the last went. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.of(before, after)
                .flatMap(at -> kind(at.edition(), changed))
                .distinct()
                .filter(kind -> isEmpty(before.edition(), kind) != isEmpty(after.edition(), kind))
                .flatMap(kind -> Stream.of(before, after).flatMap(at -> at.edition().inbound().listing(kind).stream()));
    }

    private static Stream<String> kind(Edition edition, String id) {
        return Stream.concat(
                edition.page(id).map(Page::kind).stream(), edition.find(Entry.class, id).map(Entry::kind).stream());
    }

    private static boolean isEmpty(Edition edition, String kind) {
        return edition.plan().ofKind(kind).isEmpty() && edition.entries(kind).isEmpty();
    }
}
