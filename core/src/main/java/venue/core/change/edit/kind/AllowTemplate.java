package venue.core.change.edit.kind;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.kind.Kind;
import venue.core.model.template.Template;

/** Lets pages of a kind wear one template, or no more; where they may wear any, they may wear all the others then. */
@JsonTypeName("allow-template")
record AllowTemplate(String kind, String template, boolean may) implements KindCommand {

    @Override
    public Change on(Desk desk) {
        Kind target = desk.edition().require(Kind.class, kind);
        List<String> some = new ArrayList<>(target.templates());
        if (some.isEmpty() && may) {
            return new Change("templates of the kind " + target.name(), List.of(), List.of());
        }
        if (some.isEmpty()) {
            desk.edition()
                    .all(Template.class)
                    .filter(t -> !t.retired())
                    .map(Item::id)
                    .forEach(some::add);
        }
        some.remove(template);
        if (may) {
            some.add(template);
        }
        return new SetKindTemplates(kind, target.template(), some).on(desk);
    }
}
