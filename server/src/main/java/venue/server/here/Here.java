package venue.server.here;

import java.util.Map;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.change.edit.Command;
import venue.core.edition.edition.Edition;
import venue.core.model.site.Role;
import venue.store.people.Person;
import venue.store.record.By;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Done;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/**
 * The site that a request names, and whom it comes from.
 *
 * @param now how the site stands: taken once, so that no answer is made of two moments
 * @param role what the person may do there, or less where they look through an editor's eyes
 * @param origin the address that the request came from
 */
public record Here(Workspace workspace, Standing now, Person person, Role role, String origin) {

    public SiteId site() {
        return workspace.site();
    }

    /** The same as it stands by now, for what is answered after something was done. */
    public Here after() {
        return new Here(workspace, workspace.now(), person, role, origin);
    }

    /** The working copy. */
    public Edition working() {
        return now.working();
    }

    /** Does what the server itself has made of a request, as the person's. */
    public Done run(Command command) {
        return workspace.run(new AskedRequest(person.id(), role, command, Map.of(), null, null));
    }

    /** Whose doing it is, for the record. */
    public By by() {
        return new By(person.id(), origin);
    }

    /** Refuses what only managers may do. */
    public void requireManager(String what) {
        if (role != Role.MANAGER) {
            throw Refusal.forbidden("managers-only", "Only managers may " + what + ".", "Ask a manager to do it.");
        }
    }
}
