package venue.core.live.address;

import venue.core.model.page.Page;

/** What a site has at an address. */
public sealed interface AtAddress {

    /** A page, at the address where it is served. */
    record Here(Page page) implements AtAddress {}

    /**
     * A page that is served at another address.
     *
     * @param anchor where on it, with its {@code #}; or empty
     */
    record Moved(Page page, String anchor) implements AtAddress {}

    /** A file of the site, or an address of another. */
    record Elsewhere(String address) implements AtAddress {}

    /**
     * A page that whoever asks may not open, and may know of.
     *
     * @param signIn whether they may perhaps once they have signed in
     */
    record Closed(Page page, boolean signIn) implements AtAddress {}

    /** What stood there is gone. */
    record Gone() implements AtAddress {}

    /** Nothing ever stood there. */
    record Nothing() implements AtAddress {}
}
