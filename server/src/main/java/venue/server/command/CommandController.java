package venue.server.command;

import java.security.Principal;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edit.Command;
import venue.server.event.Events;
import venue.server.signin.People;
import venue.store.account.Account;
import venue.store.workspace.Asked;
import venue.store.workspace.Done;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Does what people ask of the working copy, and tells every open window. */
@RestController
@RequestMapping("/api/sites/{site}")
class CommandController {

    private final Workspaces workspaces;
    private final People people;
    private final Events events;

    CommandController(Workspaces workspaces, People people, Events events) {
        this.workspaces = workspaces;
        this.people = people;
        this.events = events;
    }

    /**
     * A command.
     *
     * @param seen hashes of the contents it was given upon, by item
     * @param group commands with the same group are undone together
     * @param request an id that makes sending it twice harmless
     */
    record Given(
            Command command,
            Map<String, String> seen,
            @Nullable String group,
            String request) {}

    /**
     * What was done.
     *
     * @param revisions the hash of each item that was made or changed; an empty text for one that was removed
     */
    record Answer(long step, String name, List<String> items, Map<String, String> revisions) {}

    @PostMapping("/commands")
    Answer run(@PathVariable String site, @RequestBody Given given, Principal principal) {
        Workspace workspace = workspaces.require(site);
        Map<String, String> seen = given.seen() == null ? Map.of() : given.seen();
        String who = people.require(principal).id();
        return told(
                workspace,
                workspace.run(
                        new Asked(who, people.role(principal), given.command(), seen, given.group(), given.request())));
    }

    @PostMapping("/undo")
    Answer undo(@PathVariable String site, Principal principal) {
        Account who = people.require(principal);
        Workspace workspace = workspaces.require(site);
        return told(workspace, workspace.undo(who.id(), people.role(principal)));
    }

    @PostMapping("/redo")
    Answer redo(@PathVariable String site, Principal principal) {
        Account who = people.require(principal);
        Workspace workspace = workspaces.require(site);
        return told(workspace, workspace.redo(who.id(), people.role(principal)));
    }

    private Answer told(Workspace workspace, Done done) {
        Map<String, String> revisions = new java.util.TreeMap<>();
        done.items().forEach(id -> revisions.put(id, workspace.now().hashOf(id)));
        events.tell(workspace.site(), "step", done);
        return new Answer(done.step(), done.name(), done.items(), revisions);
    }
}
