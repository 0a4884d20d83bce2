package venue.core.check.survey;

import org.jspecify.annotations.Nullable;
import venue.core.model.page.Page;
import venue.core.model.section.Sectioned;

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
