package venue.core.change.edit.form;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.body.form.FieldKinds;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.References;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;

/** Gives a form these fields in this order. Answers that came keep what they hold, with the labels of then. */
@JsonTypeName("set-form-fields")
record SetFormFields(String form, List<FormField> fields) implements FormCommand {

    SetFormFields {
        fields = List.copyOf(fields);
    }

    @Override
    public Change on(Desk desk) {
        Form was = desk.edition().require(Form.class, form);
        List<FormField> checked = FieldKinds.check(fields);
        checked.forEach(f ->
                References.checked(desk.edition(), FieldKinds.of(f).settings(), f.settings(), "fields." + f.key()));
        return Change.of("fields of the form " + was.name(), was.asking(checked));
    }
}
