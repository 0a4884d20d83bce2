package venue.core.show.render;

import java.util.List;
import java.util.Map;
import venue.core.model.page.Page;

/**
 * A page that was rendered, and what must be known of it to serve it safely.
 *
 * @param ownStyles what its one style element holds; empty where it has none
 * @param frames the origins of what it shows from elsewhere, in order
 * @param tiles the origins of the pictures that its maps are made of when a visitor agrees, in order
 * @param further how many pages each of its listings has that have more than one, by name
 * @param fed what its listings show that can be followed, by name
 * @param server where it asks what it can't answer itself, with scheme and host; empty where it doesn't
 * @param asks whether what a visitor chooses makes it another
 */
public record Rendered(
        String html,
        String ownStyles,
        List<String> frames,
        List<String> tiles,
        String server,
        Map<String, Integer> further,
        Map<String, List<Page>> fed,
        boolean asks) {

    /** The same with something else in its place. */
    public Rendered withHtml(String other) {
        return new Rendered(other, ownStyles, frames, tiles, server, further, fed, asks);
    }
}
