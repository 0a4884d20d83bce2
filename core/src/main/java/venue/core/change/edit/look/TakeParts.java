package venue.core.change.edit.look;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** Takes whole parts of another look, and leaves the rest: only the type, only the palette. */
@JsonTypeName("take-parts")
record TakeParts(String look, String from, List<String> parts) implements LookCommand {

    @Override
    public Change on(Desk desk) {
        Look mine = desk.edition().require(Look.class, look);
        Look theirs = desk.edition().require(Look.class, from);
        if (parts.isEmpty()) {
            throw Refusal.badInput("nothing-chosen", "parts", "No part is chosen.", "Choose at least one.");
        }
        List<PropertyGroup> taken = parts.stream().map(TakeParts::part).toList();
        Map<String, Value> settings = new HashMap<>(mine.settings());
        for (Property p : taken.stream().flatMap(g -> g.settings().stream()).toList()) {
            settings.remove(p.key());
            if (theirs.settings().containsKey(p.key())) {
                settings.put(p.key(), theirs.settings().get(p.key()));
            }
        }
        String what =
                taken.stream().map(g -> g.label().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
        return Change.of("take " + what + " from " + theirs.name(), mine.withSettings(settings));
    }

    private static PropertyGroup part(String key) {
        return ThemeSettings.groups().stream()
                .filter(g -> g.key().equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.badInput(
                        "unknown-part",
                        "parts",
                        "A look has no part “" + key + "”.",
                        "Known here: "
                                + ThemeSettings.groups().stream()
                                        .map(PropertyGroup::key)
                                        .collect(Collectors.joining(", "))
                                + "."));
    }
}
