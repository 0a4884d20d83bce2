package venue.core.live.sitemap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.model.gate.Visitor;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

/**
 * Where each page stands in the plan, in menus and in the live sitemap, what is answered at its address, what the next release makes of
 * its line, and what of all this does not agree.
 */
public final class SitemapTable {

    /** What the line of a page in the sitemap comes to with a release of all that waits. */
    public enum Next {
        STAYS,
        COMES,
        GOES,
        /** It is another address. */
        MOVES,
        /** It tells of a change. */
        CHANGES
    }

    /**
     * @param level how deep it stands in the plan, from 0
     * @param address where it is served; where it will be, for a page that is not released
     * @param out why the live sitemap leaves it out; empty where it holds it
     * @param answer what strangers get there
     * @param odds what does not agree, in sentences
     */
    public record Row(
            Page page,
            int level,
            String address,
            List<String> menus,
            Optional<String> out,
            AtAddress answer,
            Next next,
            List<String> odds) {}

    private final Edition working;
    private final Edition live;
    private final Set<String> changing;
    private final Optional<Addresses> addresses;

    /** @param changing ids of the pages that the next release changes for visitors, as {@link OwnChange} has them */
    public SitemapTable(Edition working, Edition live, Set<String> changing) {
        this.working = working;
        this.live = live;
        this.changing = changing;
        addresses = live.find(Site.class, Site.ID)
                .map(s -> Addresses.of(Gates.of(live).seenBy(Visitor.STRANGER), Visitor.STRANGER));
    }

    /** In the order of the plan; then the pages that are live and no more in the plan. */
    public Stream<Row> rows() {
        Stream<Page> gone =
                live.plan().inOrder().filter(id -> working.page(id).isEmpty()).map(id -> live.require(Page.class, id));
        return Stream.concat(
                working.plan().inOrder().map(id -> row(working.require(Page.class, id), working)),
                gone.map(p -> row(p, live)));
    }

    private Row row(Page page, Edition in) {
        String id = page.id();
        Optional<String> out = Sitemap.whyNot(live, id);
        String address = live.page(id).map(live::servedAt).orElseGet(() -> in.servedAt(page));
        List<String> menus = in.inbound().menusTo(id).stream()
                .flatMap(m -> in.find(Menu.class, m).stream())
                .map(Item::name)
                .toList();
        return new Row(
                page,
                in.plan().ancestors(id).size(),
                address,
                menus,
                out,
                addresses.map(a -> a.at(address)).orElseGet(AtAddress.Nothing::new),
                next(id, out.isEmpty()),
                odds(page, in, menus));
    }

    private Next next(String id, boolean held) {
        boolean will = Sitemap.whyNot(working, id).isEmpty();
        if (held != will) {
            return will ? Next.COMES : Next.GOES;
        }
        if (!will) {
            return Next.STAYS;
        }
        boolean moves =
                !live.servedAt(live.require(Page.class, id)).equals(working.servedAt(working.require(Page.class, id)));
        return moves ? Next.MOVES : changing.contains(id) ? Next.CHANGES : Next.STAYS;
    }

    private List<String> odds(Page page, Edition in, List<String> menus) {
        List<String> odds = new ArrayList<>();
        boolean shown = in.plan().isShown(page.id());
        if (!menus.isEmpty() && shown && page.isKeptOut()) {
            odds.add("It stands in " + String.join(" and ", menus) + ", and is kept out of search engines.");
        }
        if (!menus.isEmpty() && !shown) {
            odds.add("Its line in " + String.join(" and ", menus) + " shows to nobody: it is taken off the site.");
        }
        if (shown && !page.isKeptOut() && !RobotsFile.of(in).lets(in.servedAt(page))) {
            odds.add("Visitors get it, and robots may not fetch it: it is in no sitemap.");
        }
        if (live.page(page.id()).isPresent() && working.page(page.id()).isEmpty()) {
            odds.add("It is live, and no more in the plan.");
        }
        return List.copyOf(odds);
    }
}
