package venue.core.edit;

import venue.core.edition.Edition;
import venue.core.site.Role;

/** A command that editors may give; what they may change by it is looked at when it is done. */
public interface ForEditors extends Command {

    @Override
    default Role needs(Edition edition) {
        return Role.EDITOR;
    }
}
