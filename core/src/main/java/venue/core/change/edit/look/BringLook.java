package venue.core.change.edit.look;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Map;
import venue.core.basics.value.Value;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.property.PropertyCheck;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** Takes in a look that came from elsewhere; it stands among the others and changes no page. */
@JsonTypeName("bring-look")
record BringLook(String id, String name, Map<String, Value> settings) implements LookCommand {

    @Override
    public Change on(Desk desk) {
        Look look = NewLook.named(desk, id, name, PropertyCheck.all(ThemeSettings.all(), settings, "settings"));
        return Change.of("bring in the look " + look.name(), look);
    }
}
