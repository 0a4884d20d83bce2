package venue.core.live.release;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.sort.Between;
import venue.core.sort.Sorts;

/**
 * A release of versions that were chosen earlier: what it is when its time has come, on the live site of that moment.
 *
 * @param target the site as it would be with all that is held and not older than what is live
 * @param prepared what goes live
 * @param newer the ids of items of which something newer is live: that stays
 * @param missing what is in the way, as sentences; while there is any, all of it waits
 */
public record HeldRelease(Edition target, ReleasePlan.Prepared prepared, List<String> newer, List<String> missing) {

    /**
     * A version that was chosen.
     *
     * @param then its content; empty where the item goes
     * @param isNewerLive whether what is live of it came after that version
     */
    public record Version(String item, Optional<Item> then, boolean isNewerLive) {}

    /** When a time of the clocks of a place comes: an hour that they leave out is the next one, of one that comes twice it is the first. */
    public static Instant at(LocalDateTime wanted, ZoneId zone) {
        return wanted.atZone(zone).toInstant();
    }

    /** What the chosen items can't do without, by id with its name: visitors have it then, or get it with them. */
    public static Map<String, String> needs(Edition target, Collection<String> chosen) {
        Between between = new Between(Edition.of(List.of()), target);
        Map<String, String> needs = new TreeMap<>();
        chosen.stream()
                .flatMap(id -> target.find(id).stream())
                .flatMap(item -> Sorts.needs(item, between))
                .flatMap(id -> target.find(id).stream())
                .forEach(item -> needs.put(item.id(), item.name()));
        return needs;
    }

    /** @param needs as they were when the versions were chosen */
    public static HeldRelease of(Edition live, Collection<Version> versions, Map<String, String> needs) {
        List<String> newer = new ArrayList<>();
        List<String> chosen = new ArrayList<>();
        List<Item> put = new ArrayList<>();
        List<String> removed = new ArrayList<>();
        for (Version version : versions) {
            if (live.find(version.item()).equals(version.then())) {
                continue;
            }
            if (version.isNewerLive()) {
                newer.add(version.item());
                continue;
            }
            chosen.add(version.item());
            version.then().ifPresentOrElse(put::add, () -> removed.add(version.item()));
        }
        Edition target = live.with(put, removed);
        List<String> missing = missing(target, chosen, removed, needs);
        ReleasePlan.Prepared prepared = missing.isEmpty()
                ? ReleasePlan.prepare(live, target, chosen)
                : new ReleasePlan.Prepared(live, List.of(), List.of(), List.of(), List.of());
        return new HeldRelease(target, prepared, newer, missing);
    }

    private static List<String> missing(
            Edition target, List<String> chosen, List<String> removed, Map<String, String> needs) {
        if (chosen.isEmpty()) {
            return List.of();
        }
        List<String> missing = new ArrayList<>();
        needs.forEach((id, name) -> {
            if (target.find(id).isEmpty()) {
                missing.add("“" + name + "” is not on the site, and what was chosen needs it.");
            }
        });
        target.all(Page.class)
                .filter(p -> p.parent() != null && removed.contains(p.parent()))
                .forEach(p -> missing.add("“" + p.title() + "” stands beneath a page that would go."));
        removed.stream()
                .flatMap(id -> target.inbound().sharing(id).stream())
                .flatMap(s -> target.find(s).stream())
                .forEach(s -> missing.add("“" + s.name() + "” shows a shared section that would go."));
        chosen.stream().flatMap(id -> target.page(id).stream()).forEach(p -> placed(target, p, missing));
        if (target.find(Site.class, Site.ID)
                .filter(s -> target.page(s.home()).isEmpty())
                .isPresent()) {
            missing.add("The site would have no home page.");
        }
        return missing.stream().distinct().toList();
    }

    private static void placed(Edition target, Page page, List<String> missing) {
        target.plan().beneath(page.parent()).stream()
                .filter(s -> !s.equals(page.id()))
                .flatMap(s -> target.page(s).stream())
                .filter(s -> s.segment().equals(page.segment()))
                .forEach(s ->
                        missing.add("“" + s.title() + "” has the address that “" + page.title() + "” would have."));
        Set<String> above = new HashSet<>();
        Optional<Page> at = Optional.of(page);
        while (at.isPresent() && above.add(at.get().id())) {
            at = target.page(at.get().parent());
        }
        if (at.isPresent()) {
            missing.add("“" + page.title() + "” would stand beneath itself.");
        }
    }
}
