package venue.core.change.edit.form;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.model.form.Form;

/** Gives a form another name. */
@JsonTypeName("name-form")
record NameForm(String form, String name) implements FormCommand {

    @Override
    public Change on(Desk desk) {
        Form was = desk.edition().require(Form.class, form);
        String words = Names.check(desk.edition(), Form.class, form, name);
        return Change.of("call the form " + was.name() + " " + words, was.called(words));
    }
}
