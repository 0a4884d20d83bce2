package venue.core.edit;

import venue.core.fault.Refusal;
import venue.core.template.Template;

/** Names a template and says what it is for. */
public record DescribeTemplate(String template, String name, String note) implements ShapesSite {

    private static final int LONGEST_NOTE = 200;

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        String words = TemplateNames.check(desk.edition(), template, name);
        if (note.length() > LONGEST_NOTE) {
            throw Refusal.badInput(
                    "too-long",
                    "note",
                    "This note has " + note.length() + " characters; " + LONGEST_NOTE + " fit.",
                    "Say in a line what pages the template is for.");
        }
        return Change.of(
                "name of the template " + words,
                new Template(target.id(), words, note.strip(), target.frame(), target.zones(), target.retired()));
    }
}
