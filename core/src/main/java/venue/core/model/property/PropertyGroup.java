package venue.core.model.property;

import java.util.List;

/** Properties that belong together, under one heading. */
public record PropertyGroup(String key, String label, List<Property> settings) {

    public PropertyGroup {
        settings = List.copyOf(settings);
    }
}
