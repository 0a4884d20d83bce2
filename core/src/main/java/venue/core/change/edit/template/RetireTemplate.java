package venue.core.change.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.template.Template;

/** Retires a template, or offers it again: a retired one stays on its pages and is not offered to others. */
@JsonTypeName("retire-template")
record RetireTemplate(String template, boolean retired) implements TemplateCommand {

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        return Change.of(
                (retired ? "retire the template " : "offer the template ") + target.name(),
                target.withRetired(retired));
    }
}
