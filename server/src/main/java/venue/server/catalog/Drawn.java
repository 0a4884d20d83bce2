package venue.server.catalog;

import java.util.List;
import venue.core.basics.item.Hash;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.site.Site;
import venue.store.workspace.Standing;

/** What the tray draws: patterns and shared sections. */
final class Drawn {

    private Drawn() {}

    /** The kinds of element that something holds. */
    static List<String> kinds(Sectioned item) {
        return item.body()
                .all()
                .flatMap(Section::elements)
                .map(Element::kind)
                .distinct()
                .toList();
    }

    /** The hash of all that its drawing is made from: what it holds, the look and the site. */
    static String print(Standing standing, String id) {
        String look = standing.working().site().look();
        return Hash.shortOf("" + standing.hashOf(id) + standing.hashOf(look) + standing.hashOf(Site.ID));
    }
}
