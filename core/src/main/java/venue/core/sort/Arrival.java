package venue.core.sort;

import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/** A site that items from elsewhere come to. */
public interface Arrival {

    Edition here();

    /** A page with its place in the plan. */
    Page placed(Page page);
}
