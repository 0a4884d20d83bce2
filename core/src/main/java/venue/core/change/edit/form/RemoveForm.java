package venue.core.change.edit.form;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;

/** Removes a form that stands on no page. Its answers stay until their time is over, and can still be read. */
@JsonTypeName("remove-form")
record RemoveForm(String form) implements FormCommand {

    @Override
    public Change on(Desk desk) {
        Form gone = desk.edition().require(Form.class, form);
        List<String> pages = FormUse.pages(desk.edition(), form);
        if (!pages.isEmpty()) {
            throw Refusal.conflict(
                    "form-placed",
                    "form",
                    gone.name() + " stands on " + Words.count(pages.size(), "page") + ", first on “"
                            + desk.edition().page(pages.get(0)).orElseThrow().title() + "”.",
                    "Take it away there first, or retire it: then it is shown nowhere.");
        }
        return new Change("remove the form " + gone.name(), List.of(), List.of(form));
    }
}
