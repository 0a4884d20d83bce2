package venue.core.change.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Set;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.property.Declared;
import venue.core.model.property.Property;
import venue.core.model.template.Template;

/** Gives a template these options in this order. What pages chose for one that goes is kept, and comes back with it. */
@JsonTypeName("set-options")
record SetOptions(String template, List<Property> options) implements TemplateCommand {

    SetOptions {
        options = List.copyOf(options);
    }

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        return Change.of(
                "options of the template " + target.name(),
                target.withOptions(Declared.check(options, "options", Set.of())));
    }
}
