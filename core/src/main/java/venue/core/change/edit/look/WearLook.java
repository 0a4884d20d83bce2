package venue.core.change.edit.look;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.theme.Look;

/** Puts the site into a look that it keeps. */
@JsonTypeName("wear-look")
record WearLook(String look) implements LookCommand {

    @Override
    public Change on(Desk desk) {
        Look theme = desk.edition().require(Look.class, look);
        return Change.of("wear the look " + theme.name(), desk.edition().site().withLook(look));
    }
}
