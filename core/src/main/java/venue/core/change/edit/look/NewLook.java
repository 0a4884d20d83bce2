package venue.core.change.edit.look;

import java.util.Map;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.value.Value;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.model.theme.Look;

/** A look that begins to be: with an id and a name that no other has. */
final class NewLook {

    private static final int LONGEST = 40;

    private NewLook() {}

    static Look named(Desk desk, String id, String name, Map<String, Value> settings) {
        String words = Names.line("look", name, LONGEST, "Give it one that you will know it by.");
        boolean taken = desk.edition().find(id).isPresent()
                || desk.edition().all(Look.class).anyMatch(t -> t.name().equalsIgnoreCase(words));
        if (taken) {
            throw Refusal.conflict(
                    "name-taken", "name", "There is a look called “" + words + "” already.", "Take another name.");
        }
        return new Look(Ids.check(id, "id"), words, settings);
    }
}
