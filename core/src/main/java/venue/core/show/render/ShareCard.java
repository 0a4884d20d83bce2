package venue.core.show.render;

import java.util.Optional;
import venue.core.basics.item.Hash;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.theme.Colour;
import venue.core.model.theme.Look;

/**
 * What stands on the picture of a page that has none, when it is shared: its title and the site's name, in the look's colours and
 * family of headings.
 *
 * @param ground and the other colours as #RRGGBB
 * @param family the key of the family, as looks name it
 */
public record ShareCard(
        String page, String title, String site, String ground, String ink, String accent, String family) {

    /** In pixels, as those who show it ask for (1.91 : 1). */
    public static final int WIDE = 1200;

    public static final int HIGH = 630;

    private static final String WHERE = "/-/share/";
    private static final int HASH_LETTERS = 16;
    private static final double DARK = 0.3;

    /** The share card of a page, in the look that its site wears. */
    public static ShareCard of(Edition edition, Page page) {
        Look look = edition.theme();
        Colour ground = look.colour("colourDeep");
        return new ShareCard(
                page.id(),
                page.title(),
                edition.site().name(),
                ground.hex(),
                ground.luminance() < DARK ? "#FFFFFF" : "#000000",
                look.colour("colourAccent").hex(),
                look.text("headingFont"));
    }

    /** Where it is served: for ever, for its address names what stands on it. */
    public String path() {
        String all = String.join("\n", title, site, ground, ink, accent, family);
        return WHERE + page + "-" + Hash.over(all).first(HASH_LETTERS) + ".png";
    }

    /** The id of the page whose card is served under a path. */
    public static Optional<String> page(String path) {
        int end = path.lastIndexOf('-');
        return path.startsWith(WHERE) && end > WHERE.length()
                ? Optional.of(path.substring(WHERE.length(), end))
                : Optional.empty();
    }

    /** The one that an edition's page has at a path. */
    public static Optional<ShareCard> at(Edition edition, String path) {
        return page(path)
                .flatMap(edition::page)
                .map(p -> of(edition, p))
                .filter(c -> c.path().equals(path));
    }
}
