package venue.server.firststeps;

import java.util.stream.Stream;
import venue.core.basics.value.Values;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.site.SiteIdentity;

/** Put pages into the menu. */
final class LeadTheWay implements FirstStep {

    @Override
    public String key() {
        return "menu";
    }

    @Override
    public String title() {
        return "Put pages into the menu";
    }

    @Override
    public String note(SiteBegun site) {
        long lines = lines(site).count();
        long seen = lines(site).filter(l -> leads(site, l)).count();
        return lines == 0 ? "The menu is empty" : seen + " of " + lines + " lines lead to pages that visitors see";
    }

    @Override
    public boolean isDone(SiteBegun site) {
        return lines(site).findAny().isPresent() && lines(site).allMatch(l -> leads(site, l));
    }

    @Override
    public String where(SiteBegun site) {
        return lines(site).findAny().isPresent() ? "releases" : "plan";
    }

    private static Stream<Line> lines(SiteBegun site) {
        return site
                .working()
                .find(Menu.class, Values.text(site.working().site().facts(), SiteIdentity.HEADER_MENU))
                .stream()
                .flatMap(Menu::all);
    }

    private static boolean leads(SiteBegun site, Line line) {
        return line.pageId()
                .filter(id -> site.now().live().page(id).isPresent())
                .isPresent();
    }
}
