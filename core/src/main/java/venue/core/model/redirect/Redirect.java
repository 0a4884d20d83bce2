package venue.core.model.redirect;

import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;

/**
 * An old address and where it leads. One that a move made leads to the page itself, so that chains can't arise.
 *
 * @param from a path on the site, beginning with a slash
 */
public record Redirect(String id, String from, Link to) implements Item {

    /** The redirect from a path: one path has one. */
    public static Redirect of(String from, Link to) {
        return new Redirect(idOf(from), from, to);
    }

    /** The id of the redirect from a path. */
    public static String idOf(String from) {
        return "from-" + Hash.shortOf(from);
    }

    @Override
    public String name() {
        return from;
    }
}
