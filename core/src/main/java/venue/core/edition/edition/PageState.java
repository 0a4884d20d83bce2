package venue.core.edition.edition;

import venue.core.model.page.Page;

/** How a page of the working copy stands to the live site. */
public enum PageState {
    /** Never released. */
    DRAFT,
    /** As released. */
    LIVE,
    /** Released, and changed since. */
    CHANGED,
    /** Taken off, itself or with one above it; its address is kept. */
    WITHDRAWN;

    /** The state of a page of the working copy. */
    public static PageState of(Edition working, Edition live, Page page) {
        if (!working.plan().isShown(page.id())) {
            return WITHDRAWN;
        }
        return live.page(page.id())
                .map(was -> page.equals(was) ? LIVE : CHANGED)
                .orElse(DRAFT);
    }
}
