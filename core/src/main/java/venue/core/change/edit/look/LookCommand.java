package venue.core.change.edit.look;

import java.util.List;
import java.util.Map;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;

/** What is done to looks. */
public sealed interface LookCommand extends Command permits WearLook, KeepLook, TakeParts, BringLook {
    static LookCommand wearLook(String look) {
        return new WearLook(look);
    }

    /** @param parts keys of groups of a theme's settings */
    static LookCommand takeParts(String look, String from, List<String> parts) {
        return new TakeParts(look, from, parts);
    }

    static LookCommand bringLook(String id, String name, Map<String, Value> settings) {
        return new BringLook(id, name, settings);
    }

    static LookCommand keepLook(String look, String id, String name) {
        return new KeepLook(look, id, name);
    }
}
