package venue.core.body.scene;

import java.util.List;
import java.util.Map;
import venue.core.body.listing.Listed;
import venue.core.body.listing.ListingQuery;
import venue.core.model.page.Page;

/** What the listings of a page are answered. */
public interface Listings {

    /** What a listing shows here, and what of it this visitor asked for. Those beneath know what it showed. */
    Listed listed(ListingQuery query);

    /** Whether a listing has anything to show here, whatever this visitor asked for. */
    boolean lists(ListingQuery query);

    /** Where a page of a listing here is, with what is chosen there by key. */
    String further(String listing, int number, Map<String, String> chosen);

    /** The topics that a page names, as far as this visitor may open them. */
    List<Page> topics(Page page);

    /** How many pages that this visitor may open name a page. */
    int naming(Page page);
}
