package venue.core.edit;

import java.util.List;
import venue.core.template.Template;
import venue.core.template.Zone;

/**
 * Makes a section of a template a fixed or a starter section. Copies that pages took while it was a starter section are
 * theirs.
 */
public record FixSection(String template, String section, boolean fixed) implements ShapesSite {

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        String name = target.body().require(section).section().name();
        List<Zone> zones =
                target.zones().stream().map(z -> z.withFixed(section, fixed)).toList();
        return Change.of("make " + name + (fixed ? " a fixed section" : " a starter section"), target.withZones(zones));
    }
}
