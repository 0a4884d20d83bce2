package venue.core.show.visitor;

import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/**
 * Who looks at the public site. <em>May this visitor open it</em> is asked here and nowhere else, by menus, listings, search, feeds and
 * the sitemap alike.
 */
public interface Visitor {

    /** Anybody at all. */
    Visitor ANYBODY = (edition, page) -> true;

    /** Whether they may open a page that is on the site. */
    boolean isLetInto(Edition edition, Page page);

    /** Whether they may open a page: it and all above it are on the site, and they are let in. */
    default boolean mayOpen(Edition edition, Page page) {
        return edition.plan().isShown(page.id()) && isLetInto(edition, page);
    }
}
