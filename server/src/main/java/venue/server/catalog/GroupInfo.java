package venue.server.catalog;

import java.util.Comparator;
import java.util.List;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Group;

/** A group of members, as it can be chosen. */
public record GroupInfo(String id, String name, String note) {

    static List<GroupInfo> all(Edition edition) {
        return edition.all(Group.class)
                .sorted(Comparator.comparing(Group::name))
                .map(g -> new GroupInfo(g.id(), g.name(), g.note()))
                .toList();
    }
}
