package venue.core.survey;

import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.render.View;
import venue.core.section.Sectioned;
import venue.core.section.SharedSection;

/**
 * What is surveyed.
 *
 * @param isDraft whether visitors don't have the page yet, by id
 */
public record Scope(View view, Predicate<String> isDraft) {

    /** The working copy, before any release. */
    public static Scope workingCopy(Edition working, Edition live, Instant now) {
        return new Scope(
                View.of(working, now, "", View.Mode.VISITOR),
                id -> live.page(id).isEmpty());
    }

    /** An edition as visitors have it, or would have it. */
    public static Scope released(Edition edition, Instant now) {
        return new Scope(View.of(edition, now, "", View.Mode.VISITOR), id -> false);
    }

    Edition edition() {
        return view.edition();
    }

    /**
     * Content that visitors see, and the page on which it is to be looked at.
     *
     * @param item a page, or a section that pages share
     * @param page the page itself, or the first on which the shared section stands
     */
    record Stand(Sectioned item, String page) {

        /** The section as the page's screen knows it; absent where it is known by another id. */
        @Nullable
        String section(String id) {
            return item instanceof Page ? id : null;
        }
    }

    /** Every page's own content, and every shared section once. */
    Stream<Stand> stands() {
        return Stream.concat(
                pages().map(p -> new Stand(p, p.id())),
                edition()
                        .all(SharedSection.class)
                        .flatMap(s -> where(s.id()).stream().map(p -> new Stand(s, p))));
    }

    /** The page on which an item's content is to be looked at; empty when visitors see it nowhere. */
    Optional<String> where(String item) {
        if (edition().find(item).filter(SharedSection.class::isInstance).isPresent()) {
            Stream<String> home =
                    edition().site().foot().contains(item) ? edition().home().map(Page::id).stream() : Stream.empty();
            return Stream.concat(home, edition().inbound().sharing(item).stream())
                    .filter(edition().plan()::isShown)
                    .min(Comparator.naturalOrder());
        }
        return Optional.of(item).filter(edition().plan()::isShown);
    }

    /** The pages that are on the site, or will be once they are released. */
    Stream<Page> pages() {
        return edition().all(Page.class).filter(view::shows);
    }
}
