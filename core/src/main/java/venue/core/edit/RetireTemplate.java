package venue.core.edit;

import venue.core.template.Template;

/** Retires a template, or offers it again: a retired one stays on its pages and is not offered to others. */
public record RetireTemplate(String template, boolean retired) implements ShapesSite {

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        return Change.of(
                (retired ? "retire the template " : "offer the template ") + target.name(),
                target.withRetired(retired));
    }
}
