package venue.core.change.edit.form;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.change.edit.Command;
import venue.core.model.form.FormField;

/** What is done to forms. What they are set to is a value like any other. */
public sealed interface FormCommand extends Command permits MakeForm, NameForm, SetFormFields, RetireForm, RemoveForm {

    /** @param from the form to copy, one of the site or a ready-made one; absent for an empty one */
    static FormCommand makeForm(String id, String name, @Nullable String from) {
        return new MakeForm(id, name, from);
    }

    static FormCommand nameForm(String form, String name) {
        return new NameForm(form, name);
    }

    static FormCommand setFormFields(String form, List<FormField> fields) {
        return new SetFormFields(form, fields);
    }

    static FormCommand retireForm(String form, boolean retired) {
        return new RetireForm(form, retired);
    }

    static FormCommand removeForm(String form) {
        return new RemoveForm(form);
    }
}
