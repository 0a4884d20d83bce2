package venue.core.edit.look;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Map;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.property.PropertyCheck;
import venue.core.theme.Look;
import venue.core.theme.ThemeSettings;
import venue.core.value.Value;

/** Takes in a look that came from elsewhere; it stands among the others and changes no page. */
@JsonTypeName("bring-look")
record BringLook(String id, String name, Map<String, Value> settings) implements LookCommand {

    @Override
    public Change on(Desk desk) {
        Look look = NewLook.named(desk, id, name, PropertyCheck.all(ThemeSettings.all(), settings, "settings"));
        return Change.of("bring in the look " + look.name(), look);
    }
}
