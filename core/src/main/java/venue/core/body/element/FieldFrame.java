package venue.core.body.element;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.form.FieldKind;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Mistake;
import venue.core.body.form.Sending;
import venue.core.body.scene.Scene;
import venue.core.model.form.FieldSettings;
import venue.core.model.form.FormField;

/** What stands around the control of a field: its label, help, what stands in it, what is wrong with it. */
final class FieldFrame {

    private final Scene scene;
    private final FormField field;
    private final FieldKind kind;
    private final String id;
    private final Sending sending;
    private final @Nullable Mistake mistake;
    private final HtmlWriter out;

    FieldFrame(Scene scene, FormField field, String id, Sending sending, HtmlWriter out) {
        this.scene = scene;
        this.field = field;
        this.id = id;
        this.sending = sending;
        this.out = out;
        kind = FieldKinds.of(field);
        mistake = sending.mistakes().get(field.key());
    }

    FormField field() {
        return field;
    }

    String id() {
        return id;
    }

    List<String> typed(String name) {
        return sending.typed().getOrDefault(name, List.of());
    }

    String typedIn(String name, String begins) {
        boolean fresh =
                sending.state() == Sending.State.STEP && !sending.typed().containsKey(name);
        return fresh || sending.state() == Sending.State.OPEN
                ? begins
                : typed(name).stream().findFirst().orElse("");
    }

    boolean mayBeLeftOut() {
        return !kind.isRequired(field);
    }

    /** A field may not be needed where it is not shown: then the server alone says that it is missing. */
    private boolean mustHold() {
        return kind.isRequired(field) && !field.dependsOnAnother();
    }

    /** Starts what holds the field, with what says when it is shown. */
    void start(String tag) {
        StringBuilder classes = new StringBuilder("field");
        classes.append(field.said(FieldSettings.WIDTH).equals("half") ? " half" : "")
                .append(field.said(FieldSettings.LABEL).equals("beside") ? " beside" : "")
                .append(mistake == null ? "" : " refused");
        out.start(tag, classes.toString());
        if (field.dependsOnAnother()) {
            out.attr("data-when", field.said(FieldSettings.WHEN)).attr("data-says", field.said(FieldSettings.SAYS));
        }
    }

    void label(String tag) {
        out.start(tag);
        if (tag.equals("label")) {
            out.attr("for", id);
        }
        out.text(field.label());
        if (mayBeLeftOut()) {
            out.text(" ").element("small", scene.words().say(Phrase.IF_YOU_LIKE));
        }
        out.end();
        help();
    }

    void help() {
        String help = field.said(FieldSettings.HELP);
        if (!help.isEmpty()) {
            out.start("p", "help").attr("id", id + "h").text(help).end();
        }
    }

    void told() {
        if (mistake != null) {
            out.start("p", "wrong")
                    .attr("id", id + "w")
                    .text(mistake.in(scene.words()::say))
                    .end();
        }
    }

    /** What describes a control, and whether it is as it should be. */
    void described() {
        described(true);
    }

    void described(boolean empty) {
        boolean helped = !field.said(FieldSettings.HELP).isEmpty();
        String by = (helped ? id + "h " : "") + (mistake != null ? id + "w" : "");
        if (!by.isBlank()) {
            out.attr("aria-describedby", by.strip());
        }
        if (mistake != null) {
            out.attr("aria-invalid", "true");
        }
        if (empty && mustHold()) {
            out.attr("required");
        }
    }

    /** Starts a group of controls under one label. */
    void group() {
        start("fieldset");
        out.attr("id", id).attr("tabindex", -1);
        label("legend");
    }
}
