package venue.core.body.element;

import java.util.List;
import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Filling;
import venue.core.body.form.FormNames;
import venue.core.body.form.Posted;
import venue.core.body.form.Sending;
import venue.core.body.form.SentFile;
import venue.core.body.form.Steps;
import venue.core.body.form.Steps.Step;
import venue.core.body.scene.Scene;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;

/** Writes what stands around one step of a long form: where one is, what was said in the others, and the ways on and back. */
final class StepWriter {

    private final Scene scene;
    private final Form form;
    private final Steps steps;
    private final Sending sending;
    private final HtmlWriter out;

    StepWriter(Scene scene, Form form, Steps steps, Sending sending, HtmlWriter out) {
        this.scene = scene;
        this.form = form;
        this.steps = steps;
        this.sending = sending;
        this.out = out;
    }

    private String say(Phrase phrase) {
        return scene.words().say(phrase);
    }

    private boolean isLast() {
        return sending.step() == steps.last();
    }

    /** “Step 2 of 4 · Your group”. */
    void head() {
        out.start("p", "steps")
                .attr("id", FormNames.anchor(form.id()) + "-step")
                .attr("tabindex", -1);
        out.element(
                "span",
                say(Phrase.STEP_OF)
                        .replace("{0}", String.valueOf(sending.step()))
                        .replace("{1}", String.valueOf(steps.last())));
        String title = isLast()
                ? say(Phrase.LOOK_OVER)
                : steps.all().get(sending.step() - 1).title();
        if (!title.isEmpty()) {
            out.text(" ").element("b", title);
        }
        out.end();
    }

    /** What was said in the other steps goes along, seen by nobody. */
    void carried() {
        out.empty("input")
                .attr("type", "hidden")
                .attr("name", FormNames.STEP)
                .attr("value", String.valueOf(sending.step()));
        for (int i = 0; i < steps.all().size(); i++) {
            if (i + 1 != sending.step()) {
                steps.all().get(i).fields().forEach(this::carried);
            }
        }
    }

    private void carried(FormField field) {
        for (String name : FieldKinds.of(field).names(field)) {
            for (String typed : sending.typed().getOrDefault(name, List.of())) {
                String value = SentFile.read(typed)
                        .filter(f -> name.contains("."))
                        .map(SentFile::id)
                        .orElse(typed);
                out.empty("input").attr("type", "hidden").attr("name", name).attr("value", value);
            }
        }
    }

    /** All that was said, step by step; each can be changed. */
    void lookedOver() {
        Filling filling = new Filling(form, scene.forms().around());
        Map<String, List<String>> values =
                filling.check(new Posted(sending.typed())).values();
        List<Filling.Said> said = filling.said(values);
        for (int i = 0; i < steps.all().size(); i++) {
            Step step = steps.all().get(i);
            out.start("div", "said");
            if (!step.title().isEmpty()) {
                out.element("b", step.title());
            }
            out.start("dl");
            said.stream()
                    .filter(s -> step.fields().stream().anyMatch(f -> f.key().equals(s.key())))
                    .forEach(s -> out.element("dt", s.label()).element("dd", s.words()));
            out.end();
            button("", String.valueOf(i + 1), say(Phrase.CHANGE));
            out.end();
        }
    }

    /** The way on stands first: it is taken by the enter key. */
    void ways(String send) {
        out.start("p", "send");
        button("strong", isLast() ? FormNames.GO_OFF : "", isLast() ? send : say(Phrase.STEP_ON));
        if (sending.step() > 1) {
            out.text(" ");
            button("", FormNames.GO_BACK, say(Phrase.STEP_BACK));
        }
        out.end();
    }

    private void button(String more, String go, String words) {
        out.start("button", "button " + more).attr("type", "submit").attr("formnovalidate");
        if (!go.isEmpty()) {
            out.attr("name", FormNames.GO).attr("value", go);
        }
        out.text(words).end();
    }
}
