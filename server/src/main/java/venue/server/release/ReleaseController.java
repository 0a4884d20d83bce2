package venue.server.release;

import java.security.Principal;
import java.time.InstantSource;
import java.util.Collection;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.item.Item;
import venue.core.release.Entry;
import venue.core.release.ReleasePlan;
import venue.core.survey.Finding;
import venue.core.survey.Scope;
import venue.core.survey.Survey;
import venue.server.event.Events;
import venue.server.signin.People;
import venue.store.live.Releases;
import venue.store.workspace.Done;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** What a release would change, releasing it, and the log. */
@RestController
@RequestMapping("/api/sites/{site}/releases")
class ReleaseController {

    private static final int LOG = 200;
    private static final int NOTE = 200;

    private final Workspaces workspaces;
    private final People people;
    private final Events events;
    private final InstantSource clock;

    ReleaseController(Workspaces workspaces, People people, Events events, InstantSource clock) {
        this.workspaces = workspaces;
        this.people = people;
        this.events = events;
        this.clock = clock;
    }

    /** All that stands between the live site and the working copy. */
    record Waiting(long step, int release, List<Entry> entries) {}

    /** The chosen entries. */
    record Chosen(List<String> items, String note) {}

    /** A finding with the name of what it is about. */
    record FoundAfter(Finding finding, String name) {}

    /**
     * What a release of the chosen entries would be.
     *
     * @param items all entries that go, those that must come along among them
     * @param notes what else happens
     * @param findings what the survey would find on the live site
     */
    record Preview(List<String> items, List<String> notes, List<FoundAfter> findings) {}

    @GetMapping("/waiting")
    Waiting waiting(@PathVariable String site) {
        Standing standing = workspaces.require(site).now();
        ReleasePlan plan = ReleasePlan.of(standing.live(), standing.working());
        return new Waiting(standing.step(), standing.release(), List.copyOf(plan.entries()));
    }

    @PostMapping("/preview")
    Preview preview(@PathVariable String site, @RequestBody Chosen chosen) {
        Standing standing = workspaces.require(site).now();
        ReleasePlan.Prepared prepared =
                ReleasePlan.of(standing.live(), standing.working()).prepare(chosen.items());
        List<FoundAfter> findings = Survey.of(Scope.released(prepared.live(), clock.instant())).stream()
                .map(f -> new FoundAfter(
                        f, prepared.live().find(f.item()).map(Item::name).orElse(f.item())))
                .toList();
        return new Preview(prepared.items(), prepared.notes(), findings);
    }

    @GetMapping
    List<Releases.Logged> log(@PathVariable String site) {
        UnaryOperator<String> names = people.names();
        return workspaces.require(site).releases().log(site, LOG).stream()
                .map(r -> r.by(names.apply(r.who())))
                .toList();
    }

    /** Makes the chosen changes live, all at once. */
    @PostMapping
    Done release(@PathVariable String site, @RequestBody Chosen chosen, Principal principal) {
        people.requireManager(principal, "release");
        Workspace workspace = workspaces.require(site);
        String note = chosen.note() == null ? "" : chosen.note().strip();
        String who = people.require(principal).id();
        Collection<String> items = chosen.items();
        return told(site, workspace.release(who, note.substring(0, Math.min(NOTE, note.length())), items));
    }

    /** Goes back to an earlier release; that is a release of its own. */
    @PostMapping("/{number}/return")
    Done goBack(@PathVariable String site, @PathVariable int number, Principal principal) {
        people.requireManager(principal, "go back to an earlier release");
        return told(
                site, workspaces.require(site).goBack(people.require(principal).id(), number));
    }

    private Done told(String site, Done done) {
        events.tell(site, "step", done);
        return done;
    }
}
