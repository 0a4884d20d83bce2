package venue.core.edit;

import venue.core.template.Template;

/** Names a template and says what it is for. */
public record DescribeTemplate(String template, String name, String note) implements ShapesSite {

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        String words = Names.check(desk.edition(), Template.class, template, name);
        return Change.of("name of the template " + words, target.withName(words, Names.checkNote(note)));
    }
}
