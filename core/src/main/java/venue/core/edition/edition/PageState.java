package venue.core.edition.edition;

import org.jspecify.annotations.Nullable;
import venue.core.model.page.Page;

/** How a page of the working copy stands to the live site. */
public enum PageState {
    /** Never released. */
    DRAFT,
    /** As released. */
    LIVE,
    /** Released, and changed since. */
    CHANGED,
    /** Taken off, its address kept. */
    WITHDRAWN;

    /** The state of a page, given what the live release has of it. */
    public static PageState of(Page page, @Nullable Page live) {
        if (page.withdrawn()) {
            return WITHDRAWN;
        }
        if (live == null) {
            return DRAFT;
        }
        return page.equals(live) ? LIVE : CHANGED;
    }
}
