package venue.core.body.element;

import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;
import venue.core.model.form.Form;

/** A form that visitors fill in: what it asks for is the form's own, wherever it is placed. */
final class FormElement extends FormKind {

    FormElement() {
        super("form", "Form", "What visitors fill in and send: ask, answer, book, order", "");
    }

    /** What is for comments stands with them. */
    @Override
    boolean shows(Form form) {
        return form.commentField().isEmpty();
    }

    @Override
    public boolean hasSomething(Props props) {
        return form(props).isPresent();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        form(props).ifPresent(form -> new FormWriter(props.scene(), form, out).write());
    }
}
