package venue.core.change.edit.form;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.form.Form;

/** Retires a form, or opens it again: a retired one stands nowhere and takes no answers; those that came stay. */
@JsonTypeName("retire-form")
record RetireForm(String form, boolean retired) implements FormCommand {

    @Override
    public Change on(Desk desk) {
        Form target = desk.edition().require(Form.class, form);
        return Change.of((retired ? "retire the form " : "open the form ") + target.name(), target.retired(retired));
    }
}
