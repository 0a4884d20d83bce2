package venue.core.render;

import java.util.List;

/**
 * A page that was rendered, and what must be known of it to serve it safely.
 *
 * @param ownStyles what its one style element holds; empty where it has none
 * @param frames the origins of what it shows from elsewhere, in order
 */
public record Rendered(String html, String ownStyles, List<String> frames) {}
