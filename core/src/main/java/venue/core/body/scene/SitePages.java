package venue.core.body.scene;

import java.util.List;
import java.util.Optional;
import venue.core.model.media.Media;
import venue.core.model.page.Page;

/** The pages of the site, as far as somebody may open them. */
public interface SitePages {

    /** Those right beneath one, or at the top of the plan where that is empty, in its order. */
    List<Page> beneath(String parent);

    Optional<Page> page(String id);

    /** The one before the page at hand: of its kind by their dates, else beside it in the plan. */
    Optional<Page> before();

    Optional<Page> after();

    /** What the kind of a page is called. */
    String kindName(Page page);

    /** Where the page is that a file has of its own. */
    Optional<String> ofFile(Media file);
}
