package venue.core.change.edit.look;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.theme.Look;

/** Keeps a copy of a look under a name of its own. */
@JsonTypeName("keep-look")
record KeepLook(String look, String id, String name) implements LookCommand {

    @Override
    public Change on(Desk desk) {
        Look theme = desk.edition().require(Look.class, look);
        Look copy = NewLook.named(desk, id, name, theme.settings());
        return Change.of("keep the look " + copy.name(), copy);
    }
}
