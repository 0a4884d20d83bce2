package venue.core.change.edit;

import venue.core.edition.edition.Edition;
import venue.core.model.site.Role;

/** A command that writes in one item: a page, or a template, pattern or shared section on the same screen. */
public interface WritesIn extends Command {

    /** The id of what is written in. */
    String item();

    /** Editors write pages; what shapes the whole site is the managers'. */
    @Override
    default Role needs(Edition edition) {
        return edition.page(item()).isPresent() ? Role.EDITOR : Role.MANAGER;
    }
}
