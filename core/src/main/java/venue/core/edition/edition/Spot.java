package venue.core.edition.edition;

import java.util.Set;
import venue.core.model.page.Page;

/**
 * Where a page stands in the plan.
 *
 * @param above the page above it; {@link #TOP} at the top
 * @param orphan whether it stands at the top because the page that it names is not there
 */
record Spot(String above, boolean orphan, String segment, long position, String kind, boolean withdrawn) {

    static final String TOP = "";

    static Spot of(Page page, Set<String> known) {
        boolean orphan = page.parent() != null && !known.contains(page.parent());
        String above = page.parent() == null || orphan ? TOP : page.parent();
        return new Spot(above, orphan, page.segment(), page.position(), page.kind(), page.withdrawn());
    }
}
