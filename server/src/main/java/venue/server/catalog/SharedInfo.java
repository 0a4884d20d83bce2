package venue.server.catalog;

import java.util.Comparator;
import java.util.List;
import venue.core.edition.edition.Edition;
import venue.core.model.section.SharedSection;
import venue.core.sort.ReachedPages;
import venue.store.workspace.Standing;

/** A shared section that can be placed: on how many pages it stands. */
record SharedInfo(String id, String name, long pages, int columns, List<String> kinds, String drawn) {

    /** All that can be placed, by name. */
    static List<SharedInfo> all(Standing standing) {
        Edition edition = standing.working();
        return edition.all(SharedSection.class)
                .filter(s -> !edition.site().foot().contains(s.id()))
                .sorted(Comparator.comparing(SharedSection::name))
                .map(s -> new SharedInfo(
                        s.id(),
                        s.name(),
                        ReachedPages.of(edition, s).count(),
                        s.section().columns().size(),
                        Drawn.kinds(s),
                        Drawn.print(standing, s.id())))
                .toList();
    }
}
