package venue.server.page;

import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.compare.Compared;
import venue.core.edit.BringBack;
import venue.core.fault.Refusal;
import venue.core.page.Page;
import venue.server.event.Events;
import venue.server.signin.People;
import venue.store.journal.Journal;
import venue.store.workspace.Asked;
import venue.store.workspace.Done;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The history of a page: its versions, what differs from now, and bringing one back. */
@RestController
@RequestMapping("/api/sites/{site}/pages/{id}/history")
class HistoryController {

    private static final int MOST = 200;

    private final Workspaces workspaces;
    private final People people;
    private final Events events;

    HistoryController(Workspaces workspaces, People people, Events events) {
        this.workspaces = workspaces;
        this.people = people;
        this.events = events;
    }

    /**
     * A version of the page.
     *
     * @param revision the hash of its content
     * @param at when it came about, ISO 8601
     * @param name what was done
     * @param now whether the page is like this now
     * @param live whether visitors have this version
     */
    record Version(String revision, String at, String who, String name, boolean now, boolean live) {}

    @GetMapping
    List<Version> versions(@PathVariable String site, @PathVariable String id) {
        Workspace workspace = workspaces.require(site);
        workspace.now().working().require(Page.class, id);
        String now = workspace.now().hashOf(id);
        String live = workspace.now().liveHashes().getOrDefault(id, "");
        UnaryOperator<String> names = people.names();
        return workspace.journal().versions(site, id, MOST).stream()
                .map(v -> version(v, names.apply(v.who()), now, live))
                .toList();
    }

    /** An undone step has the name of what was undone: it is told as the undoing. */
    private static String told(Journal.Version v) {
        return switch (v.kind()) {
            case UNDO -> "undo “" + v.name() + "”";
            case REDO -> "do again “" + v.name() + "”";
            default -> v.name();
        };
    }

    private static Version version(Journal.Version v, String who, String now, String live) {
        return new Version(
                v.hash(), v.at(), who, told(v), v.hash().equals(now), v.hash().equals(live));
    }

    /** The version beside the page as it is now, part by part. */
    @GetMapping("/{revision}")
    List<Compared.Part> compared(@PathVariable String site, @PathVariable String id, @PathVariable String revision) {
        Workspace workspace = workspaces.require(site);
        return Compared.of(
                past(workspace, id, revision), workspace.now().working().require(Page.class, id));
    }

    /** What shall come back: one section, or everything where none is named. */
    record PartWanted(@Nullable String section) {}

    @PostMapping("/{revision}/return")
    Done bringBack(
            @PathVariable String site,
            @PathVariable String id,
            @PathVariable String revision,
            @RequestBody PartWanted wanted,
            Principal principal) {
        Workspace workspace = workspaces.require(site);
        BringBack command = new BringBack(past(workspace, id, revision), wanted.section());
        String who = people.require(principal).id();
        Done done = workspace.run(new Asked(who, people.role(principal), command, Map.of(), null, null));
        events.tell(site, "step", done);
        return done;
    }

    private static Page past(Workspace workspace, String id, String revision) {
        return workspace
                .past(revision)
                .filter(Page.class::isInstance)
                .map(Page.class::cast)
                .filter(p -> p.id().equals(id))
                .orElseThrow(() -> Refusal.unknown("version", revision));
    }
}
