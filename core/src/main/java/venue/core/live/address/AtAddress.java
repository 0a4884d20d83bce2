package venue.core.live.address;

import venue.core.model.page.Page;

/** What a site has at an address. */
public sealed interface AtAddress {

    /** What is answered there (RFC 9110). */
    int status();

    /** A page, at the address where it is served. */
    record Here(Page page) implements AtAddress {

        @Override
        public int status() {
            return 200;
        }
    }

    /**
     * A page that is served at another address.
     *
     * @param anchor where on it, with its {@code #}; or empty
     */
    record Moved(Page page, String anchor) implements AtAddress {

        @Override
        public int status() {
            return 301;
        }
    }

    /** A file of the site, or an address of another. */
    record Elsewhere(String address) implements AtAddress {

        @Override
        public int status() {
            return 301;
        }
    }

    /**
     * A page that whoever asks may not open, and may know of.
     *
     * @param signIn whether they may perhaps once they have signed in
     */
    record Closed(Page page, boolean signIn) implements AtAddress {

        @Override
        public int status() {
            return signIn ? 302 : 403;
        }
    }

    /** What stood there is gone. */
    record Gone() implements AtAddress {

        @Override
        public int status() {
            return 410;
        }
    }

    /** Nothing ever stood there. */
    record Nothing() implements AtAddress {

        @Override
        public int status() {
            return 404;
        }
    }
}
