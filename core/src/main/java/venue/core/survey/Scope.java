package venue.core.survey;

import java.time.Instant;
import java.util.function.Predicate;
import java.util.stream.Stream;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.render.View;

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

    /** The pages that are on the site, or will be once they are released. */
    Stream<Page> pages() {
        return edition().all(Page.class).filter(view::shows);
    }
}
