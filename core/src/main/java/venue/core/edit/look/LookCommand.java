package venue.core.edit.look;

import venue.core.edit.Command;

/** What is done to looks. */
public sealed interface LookCommand extends Command permits WearLook, KeepLook {
    static LookCommand wearLook(String look) {
        return new WearLook(look);
    }

    static LookCommand keepLook(String look, String id, String name) {
        return new KeepLook(look, id, name);
    }
}
