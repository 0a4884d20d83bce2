package venue.store.workspace;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.change.edit.Command;
import venue.core.model.site.Role;

/**
 * A command as a person gave it.
 *
 * @param role what that person may do
 * @param seen hashes of the contents they saw, by item
 * @param group steps with the same group are undone together; absent for a step of its own
 * @param request names this request; the same one twice is done once; absent when it can't be repeated
 */
public record AskedRequest(
        PersonId who,
        Role role,
        Command command,
        Map<String, Hash> seen,
        @Nullable String group,
        @Nullable String request) {

    /** As a manager asks it, upon what is there now. */
    public static AskedRequest of(PersonId who, Command command) {
        return new AskedRequest(who, Role.MANAGER, command, Map.of(), null, null);
    }
}
