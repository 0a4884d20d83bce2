package venue.core.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.Names;
import venue.core.template.Template;

/** Names a template and says what it is for. */
@JsonTypeName("describe-template")
record DescribeTemplate(String template, String name, String note) implements TemplateCommand {

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        String words = Names.check(desk.edition(), Template.class, template, name);
        return Change.of("name of the template " + words, target.withName(words, Names.checkNote(note)));
    }
}
