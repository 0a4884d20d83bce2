package venue.core.render;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import venue.core.page.Page;
import venue.core.section.Zones;
import venue.core.template.Template;
import venue.core.template.Zone;
import venue.core.value.Value;

/** Made-up content for looking at a template; it gets into no page. */
public final class Sample {

    private Sample() {}

    /** A page that holds what the template brings, and made-up facts where elements are bound to them. */
    public static Page of(Template template) {
        Zones zones = new Zones(template.zones().stream().collect(Collectors.toMap(Zone::key, Zone::starters)));
        return new Page(
                "sample",
                "A page’s title",
                "sample",
                null,
                0,
                "sample",
                template.id(),
                zones,
                List.of(),
                Map.of("summary", Value.of("A sentence or two that say what the page is about.")),
                Map.of(),
                false);
    }
}
