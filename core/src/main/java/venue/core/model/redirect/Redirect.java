package venue.core.model.redirect;

import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;

/**
 * An old address and where it leads. One that a move made leads to the page itself, so that chains can't arise.
 *
 * @param from a path on the site, beginning with a slash; with {@code /*} at its end it is that path and everything beneath it
 * @param to absent where what stood there is said to be gone
 */
public record Redirect(String id, String from, @Nullable Link to) implements Item {

    /** The longest address that leads on, in characters. */
    public static final int LONGEST = 500;

    private static final String BRANCH = "/*";

    /** The redirect from a path: one path has one. */
    public static Redirect of(String from, @Nullable Link to) {
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

    /** Where it leads; empty where what stood there is gone. */
    public Optional<Link> leads() {
        return Optional.ofNullable(to);
    }

    /** The page that it leads to, by id. */
    public Optional<String> pageId() {
        return leads().flatMap(Link::pageId);
    }

    public boolean isBranch() {
        return from.endsWith(BRANCH);
    }

    /** Whether it is about an address, its own or one of its branch. */
    public boolean covers(String path) {
        return isBranch() ? (path + "/").startsWith(from.substring(0, from.length() - 1)) : path.equals(from);
    }

    /** What the branches that an address may stand in lead from, the nearest first. */
    public static Stream<String> branchesOver(String path) {
        String within = path.length() > LONGEST ? path.substring(0, path.lastIndexOf('/', LONGEST)) : path;
        return Stream.iterate(within, p -> !p.isEmpty() && !p.equals("/"), p -> p.substring(0, p.lastIndexOf('/')))
                .map(p -> p + BRANCH);
    }
}
