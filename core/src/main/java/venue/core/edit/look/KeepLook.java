package venue.core.edit.look;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.Names;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.theme.Look;

/** Keeps a copy of a look under a name of its own. */
@JsonTypeName("keep-look")
record KeepLook(String look, String id, String name) implements LookCommand {

    private static final int LONGEST = 40;

    @Override
    public Change on(Desk desk) {
        Look theme = desk.edition().require(Look.class, look);
        String words = Names.line("look", name, LONGEST, "Give it one that you will know it by.");
        boolean taken = desk.edition().find(id).isPresent()
                || desk.edition().all(Look.class).anyMatch(t -> t.name().equalsIgnoreCase(words));
        if (taken) {
            throw Refusal.conflict(
                    "name-taken", "name", "There is a look called “" + words + "” already.", "Take another name.");
        }
        return Change.of("keep the look " + words, new Look(Ids.check(id, "id"), words, theme.settings()));
    }
}
