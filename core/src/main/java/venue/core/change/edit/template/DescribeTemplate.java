package venue.core.change.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.model.template.Template;

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
