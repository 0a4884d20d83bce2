package venue.core.check.survey;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.OnSite;
import venue.core.model.section.SharedSection;

/**
 * Content that visitors see, and the page on which it is to be looked at.
 *
 * @param item a page, or a section that pages share
 * @param page the page itself, or the first on which the shared section stands
 */
record Stand(OnSite item, String page) {

    /** Where an item's content is to be looked at; empty when visitors see it nowhere. */
    static Optional<Stand> of(Edition edition, OnSite item) {
        String id = item.id();
        if (edition.find(SharedSection.class, id).isEmpty()) {
            return Optional.of(new Stand(item, id)).filter(s -> edition.plan().isShown(id));
        }
        Stream<String> home =
                edition.site().foot().contains(id) ? edition.home().map(Page::id).stream() : Stream.empty();
        return Stream.concat(home, edition.inbound().sharing(id).stream())
                .filter(edition.plan()::isShown)
                .min(Comparator.naturalOrder())
                .map(page -> new Stand(item, page));
    }

    /** The section as the page's screen knows it; absent where it is known by another id. */
    @Nullable
    String section(String id) {
        return item.id().equals(page) ? id : null;
    }
}
