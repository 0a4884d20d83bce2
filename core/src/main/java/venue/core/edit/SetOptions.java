package venue.core.edit;

import java.util.List;
import java.util.Set;
import venue.core.property.Property;
import venue.core.template.Template;

/** Gives a template these options in this order. What pages chose for one that goes is kept, and comes back with it. */
public record SetOptions(String template, List<Property> options) implements ShapesSite {

    public SetOptions {
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
