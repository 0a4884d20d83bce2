package venue.core.change.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/**
 * Makes a section of a template a fixed or a starter section. Copies that pages took while it was a starter section are
 * theirs.
 */
@JsonTypeName("fix-section")
record FixSection(String template, String section, boolean fixed) implements TemplateCommand {

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        String name = target.body().require(section).section().name();
        List<Zone> zones =
                target.zones().stream().map(z -> z.withFixed(section, fixed)).toList();
        return Change.of("make " + name + (fixed ? " a fixed section" : " a starter section"), target.withZones(zones));
    }
}
