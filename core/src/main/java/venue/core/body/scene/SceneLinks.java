package venue.core.body.scene;

import java.util.Optional;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;
import venue.core.model.page.Page;

/** Where an element can lead: pages and menus that this visitor may follow, and what is shown from other hosts. */
public interface SceneLinks {

    /** Where a link leads for this visitor; empty when it leads nowhere that they may see. */
    Optional<Way> way(Link link);

    /** A page's own address as served; empty for an entry that has no page. */
    String address(Page page);

    /** The pages of the site, as far as this visitor may open them. */
    SitePages pages();

    /** A menu with the lines that this visitor may follow; empty where there is none of that id, or no such line. */
    Optional<ShownMenu> menu(String id);

    /** Whether the managers allow pages of a host to be shown within the site's. */
    boolean mayFrame(String host);

    /** Something of another host is shown here: the page says so to whoever serves it. */
    void framed(String address);

    /** A map of a tile server can be shown here, when a visitor agrees: the page says so to whoever serves it. */
    void tiled(String address);

    /** Where HTML of the managers' own is served, sealed off from the page. */
    String ownHtml(String html);
}
