package venue.core.check.survey;

import org.jspecify.annotations.Nullable;
import venue.core.model.section.OnSite;

/**
 * Content that visitors see, and the page on which it is to be looked at.
 *
 * @param item a page, or a section that pages share
 * @param page the page itself, or the first on which the shared section stands
 */
record Stand(OnSite item, String page) {

    /** The section as the page's screen knows it; absent where it is known by another id. */
    @Nullable
    String section(String id) {
        return item.id().equals(page) ? id : null;
    }
}
