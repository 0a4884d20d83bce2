package venue.core.live.release;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.site.Site;
import venue.core.sort.Between;
import venue.core.sort.Sorts;

/** What must come along with a change, so that the live site holds together. */
final class ReleaseNeeds {

    private final Edition live;
    private final Between between;
    private final Set<String> changed;

    ReleaseNeeds(Between between, Set<String> changed) {
        this.between = between;
        live = between.live();
        this.changed = changed;
    }

    List<String> of(String id) {
        Optional<Item> after = between.working().find(id);
        Stream<String> needs = after.isPresent() ? Sorts.needs(after.get(), between) : ofGone(id);
        return needs.filter(n -> !n.equals(id) && changed.contains(n))
                .distinct()
                .toList();
    }

    /**
     * What stands beneath a page that goes must go or move too, and it can't be home; what shows a shared section that goes
     * must have let go of it.
     */
    private Stream<String> ofGone(String id) {
        Stream<String> site = live.find(Site.class, Site.ID).stream()
                .filter(s -> s.foot().contains(id))
                .map(Site::id);
        Stream<String> shown = Stream.concat(live.inbound().sharing(id).stream(), site);
        return Stream.concat(Stream.concat(live.plan().beneath(id).stream(), shown), between.siteOf(id, true));
    }
}
