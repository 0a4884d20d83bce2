package venue.core.change.edit.form;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.body.form.ReadyForms;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;

/**
 * Makes a form: empty, or as a copy.
 *
 * @param from the form to copy, one of the site or a ready-made one
 */
@JsonTypeName("make-form")
record MakeForm(String id, String name, @Nullable String from) implements FormCommand {

    /** The most forms of one site. */
    private static final int MOST = 200;

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Ids.check(id, "id");
        if (edition.find(id).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "This form has been made already.", "Reload to see it.");
        }
        if (edition.all(Form.class).count() >= MOST) {
            throw Refusal.badInput(
                    "too-many-forms",
                    "name",
                    "There are " + MOST + " forms; a site takes no more.",
                    "Remove one that is of no use any more.");
        }
        String words = Names.check(edition, Form.class, id, name);
        Form made = from == null
                ? new Form(id, words, List.of(), Map.of(), false)
                : edition.find(Form.class, from)
                        .or(() -> ReadyForms.find(from))
                        .orElseGet(() -> edition.require(Form.class, from))
                        .copy(id, words);
        return Change.of("make the form " + words, made);
    }
}
