package venue.server.release;

import java.time.InstantSource;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.check.survey.Finding;
import venue.core.check.survey.Survey;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.live.sitemap.SitemapLines;
import venue.server.here.Here;
import venue.server.seat.Seating;
import venue.server.signin.People;
import venue.server.survey.Surveyed;
import venue.store.aside.SetAside;
import venue.store.live.Releases;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.workspace.Done;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** What a release would change, releasing it, and the log. */
@RestController
@RequestMapping("/api/sites/{site}/releases")
class ReleaseController {

    private static final int LOG = 200;
    private static final int NOTE = 200;

    private final People people;
    private final Records records;
    private final Seating seating;
    private final SetAside aside;
    private final InstantSource clock;

    ReleaseController(People people, Records records, Seating seating, SetAside aside, InstantSource clock) {
        this.aside = aside;
        this.clock = clock;
        this.people = people;
        this.records = records;
        this.seating = seating;
    }

    /** All that stands between the live site and the working copy. */
    record Waiting(long step, int release, List<ReleaseEntry> entries) {}

    /** The chosen entries. */
    record Chosen(List<String> items, String note) {}

    /**
     * A finding with the name of what it is about.
     *
     * @param fresh whether the live site doesn't have it now
     */
    record FoundAfter(Finding finding, String name, boolean fresh) {}

    /**
     * What a release of the chosen entries would be.
     *
     * @param items all entries that go, those that must come along among them
     * @param notes what else happens
     * @param findings what the survey would find on the live site, without what was set aside
     * @param mended how many findings of the live site it mends
     */
    record Preview(
            List<String> items, List<String> notes, SitemapLines sitemap, List<FoundAfter> findings, long mended) {}

    @GetMapping("/waiting")
    Waiting waiting(Here here) {
        Standing standing = here.now();
        ReleasePlan plan = standing.plan();
        return new Waiting(standing.step(), standing.release(), List.copyOf(plan.entries()));
    }

    @PostMapping("/preview")
    Preview preview(Here here, @RequestBody Chosen chosen) {
        Standing standing = here.now();
        ReleasePlan.Prepared prepared = standing.plan().prepare(chosen.items());
        Set<SetAside.Key> live = Surveyed.live(standing);
        Set<SetAside.Key> left = aside.all(here.site()).keySet();
        List<Finding> then = Survey.ofReleased(prepared.live()).all();
        Set<SetAside.Key> after = then.stream().map(SetAside.Key::of).collect(Collectors.toSet());
        return new Preview(
                prepared.items(),
                prepared.notes(),
                SitemapLines.between(standing.live(), prepared.live(), changed(prepared), clock.instant()),
                then.stream()
                        .filter(f -> !left.contains(SetAside.Key.of(f)))
                        .map(f -> new FoundAfter(
                                f,
                                prepared.live().find(f.item()).map(Item::name).orElse(f.item()),
                                !live.contains(SetAside.Key.of(f))))
                        .toList(),
                live.stream().filter(f -> !after.contains(f)).count());
    }

    private static Set<String> changed(ReleasePlan.Prepared prepared) {
        return Stream.of(
                        prepared.items().stream(),
                        prepared.redirects().stream().map(Item::id),
                        prepared.dropped().stream())
                .flatMap(ids -> ids)
                .collect(Collectors.toSet());
    }

    /** The latest first; at most 200, without the first {@code from}. */
    @GetMapping
    List<Releases.Logged> log(Here here, @RequestParam(defaultValue = "0") int from) {
        Function<PersonId, String> names = people.names();
        return here.workspace().releases().log(here.site(), Math.max(0, from), LOG).stream()
                .map(r -> r.by(names.apply(new PersonId(r.who()))))
                .toList();
    }

    /** Makes the chosen changes live, all at once. */
    @PostMapping
    Done release(Here here, @RequestBody Chosen chosen) {
        here.requireManager("release");
        Workspace workspace = here.workspace();
        String note = chosen.note() == null ? "" : chosen.note().strip();
        PersonId who = here.person().id();
        Collection<String> items = chosen.items();
        return recorded(here, workspace.release(who, note.substring(0, Math.min(NOTE, note.length())), items));
    }

    /** Goes back to an earlier release; that is a release of its own. */
    @PostMapping("/{number}/return")
    Done goBack(Here here, @PathVariable int number) {
        here.requireManager("go back to an earlier release");
        return recorded(here, here.workspace().goBack(here.person().id(), number));
    }

    private Done recorded(Here here, Done done) {
        records.write(
                Deed.RELEASED,
                here.by(),
                here.site(),
                null,
                String.valueOf(here.after().now().release()));
        seating.lookAt(here.after().now());
        return done;
    }
}
