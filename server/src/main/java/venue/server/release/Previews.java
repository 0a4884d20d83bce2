package venue.server.release;

import java.time.InstantSource;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import venue.core.basics.item.Item;
import venue.core.check.survey.Finding;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.live.release.ReleasePlan;
import venue.core.live.sitemap.SitemapLines;
import venue.core.sort.ReachedPages;
import venue.server.survey.Surveyed;
import venue.store.aside.SetAside;
import venue.store.workspace.Standing;

/** What a release would be: what goes, and what the sitemap and the survey say then. */
@Component
class Previews {

    private final SetAside aside;
    private final InstantSource clock;

    Previews(SetAside aside, InstantSource clock) {
        this.aside = aside;
        this.clock = clock;
    }

    /**
     * A finding with the name of what it is about.
     *
     * @param fresh whether the live site doesn't have it now
     */
    record FoundAfter(Finding finding, String name, boolean fresh) {}

    /**
     * What a release would be.
     *
     * @param items all entries that go, those that must come along among them
     * @param changes how many changes they belong to
     * @param through how many pages besides change through a template, a menu, a look or the like
     * @param notes what else happens
     * @param findings what the survey would find on the live site, without what was set aside
     * @param mended how many findings of the live site it mends
     */
    record Preview(
            List<String> items,
            int changes,
            int through,
            List<String> notes,
            SitemapLines sitemap,
            List<FoundAfter> findings,
            long mended) {}

    Preview of(Standing now, ReleasePlan.Prepared prepared) {
        Set<SetAside.Key> live = Surveyed.live(now);
        Set<SetAside.Key> left = aside.all(now.site()).keySet();
        Edition target = prepared.live();
        List<Finding> then = Survey.ofReleased(target, now.known()).all();
        Set<SetAside.Key> after = then.stream().map(SetAside.Key::of).collect(Collectors.toSet());
        return new Preview(
                prepared.items(),
                now.waits().changesOf(prepared.items()),
                through(prepared),
                prepared.notes(),
                SitemapLines.between(now.live(), target, changed(prepared), clock.instant()),
                then.stream()
                        .filter(f -> !left.contains(SetAside.Key.of(f)))
                        .map(f -> new FoundAfter(
                                f,
                                target.find(f.item()).map(Item::name).orElse(f.item()),
                                !live.contains(SetAside.Key.of(f))))
                        .toList(),
                live.stream()
                        .filter(f -> !after.contains(f) && !left.contains(f))
                        .count());
    }

    private static int through(ReleasePlan.Prepared prepared) {
        Edition target = prepared.live();
        Set<String> pages = prepared.items().stream()
                .filter(id -> target.page(id).isEmpty())
                .flatMap(id -> target.find(id).stream())
                .flatMap(item -> ReachedPages.of(target, item).ids())
                .collect(Collectors.toSet());
        prepared.items().forEach(pages::remove);
        return pages.size();
    }

    private static Set<String> changed(ReleasePlan.Prepared prepared) {
        return Stream.of(
                        prepared.items().stream(),
                        prepared.redirects().stream().map(Item::id),
                        prepared.dropped().stream())
                .flatMap(ids -> ids)
                .collect(Collectors.toSet());
    }
}
