package venue.core.change.edit;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import venue.core.edition.edition.Edition;
import venue.core.model.site.Role;

/**
 * Something a person does to the working copy. It answers with the change it makes, or refuses and changes nothing. Each area
 * has its own, with a name for the wire; {@code venue.core.change.command.Commands} joins them.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "verb")
public interface Command {

    Change on(Desk desk);

    /** Who may give it: managers, unless it says otherwise. What would come of it is looked at too. */
    default Role needs(Edition edition) {
        return Role.MANAGER;
    }
}
