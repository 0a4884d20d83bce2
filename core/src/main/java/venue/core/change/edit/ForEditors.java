package venue.core.change.edit;

import venue.core.edition.edition.Edition;
import venue.core.model.site.Role;

/** A command that editors may give; what they may change by it is looked at when it is done. */
public interface ForEditors extends Command {

    @Override
    default Role needs(Edition edition) {
        return Role.EDITOR;
    }
}
