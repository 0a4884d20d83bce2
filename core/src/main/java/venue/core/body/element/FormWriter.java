package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.form.BasketField;
import venue.core.body.form.FieldKind;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.FilesField;
import venue.core.body.form.Filling;
import venue.core.body.form.FormNames;
import venue.core.body.form.Mistake;
import venue.core.body.form.Offer;
import venue.core.body.form.PickSettings;
import venue.core.body.form.Sending;
import venue.core.body.form.Steps;
import venue.core.body.scene.Scene;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.form.FormSettings;

/** Writes a form as it stands on a page: to be filled in, refused with what is wrong, or sent. */
final class FormWriter {

    private final Scene scene;
    private final Form form;
    private final HtmlWriter out;
    private final Sending sending;
    private final Steps steps;
    /** The id of each field, so that what is wrong can lead to it. */
    private final Map<String, String> ids = new TreeMap<>();

    FormWriter(Scene scene, Form form, HtmlWriter out) {
        this.scene = scene;
        this.form = form;
        this.out = out;
        sending = scene.forms().sending(form.id());
        steps = Steps.of(form);
    }

    private String say(Phrase phrase) {
        return scene.words().say(phrase);
    }

    void write() {
        if (scene.forms().isHere()) {
            scene.forms().written();
        }
        form.fields().forEach(f -> ids.put(f.key(), scene.freshId()));
        out.start("div", "filling").attr("id", FormNames.anchor(form.id()));
        switch (sending.state()) {
            case SENT -> thanks();
            case TRIED -> status(say(Phrase.FORM_TRIED));
            case TOLD -> sending.told().forEach(t -> status(t.in(this::say)));
            default -> open();
        }
        out.end();
    }

    private void thanks() {
        String own = form.said(FormSettings.THANKS);
        out.start("div", "thanks").attr("role", "status").attr("tabindex", -1);
        for (String line : (own.isBlank() ? say(Phrase.FORM_SENT) : own).split("\n+")) {
            out.element("p", line);
        }
        sending.told().forEach(t -> out.element("p", t.in(this::say)));
        out.end();
        if (sending.back().isEmpty()) {
            return;
        }
        if (form.commentField().isEmpty()) {
            giveBack();
        } else {
            changeIt();
        }
    }

    /** The page comes anew for that, with what was said in the form. */
    private void changeIt() {
        String change = scene.forms().action() + "?" + FormNames.CHANGE + "=" + sending.back();
        out.start("p").start("a").attr("href", change + "#" + FormNames.anchor(form.id()));
        out.attr("rel", "nofollow").text(say(Phrase.COMMENT_CHANGE)).end().end();
    }

    /** Only the button gives places back: what looks into letters opens links. */
    private void giveBack() {
        String what = sending.told().stream()
                .flatMap(t -> t.with().stream().limit(1))
                .findFirst()
                .orElse(form.name());
        begin();
        hidden(FormNames.BACK, sending.back());
        out.element("p", say(Phrase.GIVE_BACK_WORDS).replace("{0}", what));
        out.start("p", "send").start("button", "button").attr("type", "submit");
        out.text(say(Phrase.GIVE_BACK)).end().end().end();
    }

    private void begin() {
        out.start("form")
                .attr("method", "post")
                .attr("action", scene.forms().action() + "#" + FormNames.anchor(form.id()))
                .attr("aria-label", form.name())
                .attr("data-lost", say(Phrase.FORM_LOST))
                .attr("novalidate");
        if (FilesField.isIn(form)) {
            out.attr("enctype", "multipart/form-data");
        }
        if (form.is(FormSettings.WORK)) {
            out.attr("data-work", String.valueOf(FormNames.WORK_BITS));
        }
        hidden(FormNames.FORM, form.id());
    }

    private FieldFrame frame(FormField field) {
        return new FieldFrame(scene, field, ids.getOrDefault(field.key(), ""), sending, out);
    }

    private void status(String words) {
        out.start("div", "thanks").attr("role", "status").attr("tabindex", -1);
        out.element("p", words).end();
    }

    private void open() {
        wrong();
        if (!scene.forms().isHere()
                || form.fields().stream().noneMatch(f -> FieldKinds.of(f).asks())) {
            out.element("p", say(Phrase.FORM_SHUT));
            return;
        }
        if (form.is(FormSettings.MEMBERS) && ForMembers.sends(scene)) {
            ForMembers.write(scene, Phrase.FORM_FOR_MEMBERS, out);
            return;
        }
        Optional<FormField> full = full();
        if (full.isPresent()) {
            out.start("div", "thanks").element("p", say(Phrase.FORM_FULL)).end();
            fields(List.of(full.get()));
            return;
        }
        Optional<FormField> basket = BasketField.in(form);
        if (basket.filter(f -> new BasketWriter(scene, frame(f), out).isEmpty()).isPresent()) {
            new BasketWriter(scene, frame(basket.get()), out).empty();
            return;
        }
        begin();
        if (basket.isPresent()) {
            // What the enter key presses: the first button would take out a line.
            out.start("button", "unseen").attr("type", "submit").attr("tabindex", -1);
            out.attr("aria-hidden", "true").end();
        }
        asking();
        out.end();
    }

    private void asking() {
        hidden(FormNames.STAMP, scene.forms().stamp());
        for (String name : List.of(FormNames.TO, FormNames.CHANGE)) {
            sending.typed().getOrDefault(name, List.of()).forEach(v -> hidden(name, v));
        }
        trap();
        if (form.is(FormSettings.WORK)) {
            hidden(FormNames.WORK, "");
        }
        String own = form.said(FormSettings.BUTTON);
        String button = own.isBlank() ? say(Phrase.SEND) : own;
        if (steps.areSeveral() && !scene.forms().isWhole()) {
            step(button);
        } else {
            fields(form.fields());
            send(button);
        }
    }

    /** What has to be chosen, where all of it is full and nobody may wait: nothing else is asked for then. */
    private Optional<FormField> full() {
        OfferWriter writer = new OfferWriter(scene, form, out);
        return PickSettings.counted(form)
                .filter(f -> f.mustBeGiven() && sending.state() == Sending.State.OPEN)
                .filter(f -> {
                    List<Offer> open = scene.forms().around().offers(f).stream()
                            .filter(o -> !o.closed())
                            .toList();
                    return !open.isEmpty() && open.stream().allMatch(writer::isShut);
                });
    }

    /** Where several may come its words go with how many: as it was typed here, as it is typed by a script of ours. */
    private void send(String button) {
        String many = form.said(FormSettings.BUTTON_MANY);
        String of = form.said(FormSettings.PEOPLE);
        out.start("p", "send").start("button", "button strong").attr("type", "submit");
        if (!many.isEmpty() && !of.isEmpty()) {
            out.attr("data-one", button).attr("data-many", many).attr("data-of", of);
        }
        out.text(counted(button)).end().end();
    }

    /** The words of the button for as many as were typed. */
    private String counted(String button) {
        String many = form.said(FormSettings.BUTTON_MANY);
        String of = form.said(FormSettings.PEOPLE);
        int people = many.isEmpty() || of.isEmpty()
                ? 1
                : Filling.people(String.join("", sending.typed().getOrDefault(of, List.of())));
        return people > 1 ? many.replace(FormSettings.HOW_MANY, String.valueOf(people)) : button;
    }

    /** One step of it, or all looked over. */
    private void step(String button) {
        StepWriter step = new StepWriter(scene, form, steps, sending, out);
        step.head();
        step.carried();
        if (sending.step() == steps.last()) {
            step.lookedOver();
        } else {
            fields(steps.all().get(sending.step() - 1).fields());
        }
        step.ways(counted(button));
    }

    private void hidden(String name, String value) {
        out.empty("input").attr("type", "hidden").attr("name", name).attr("value", value);
    }

    /** A line that nobody sees: what writes in it reads no page. */
    private void trap() {
        out.start("p", "trap").attr("aria-hidden", "true");
        out.start("label").text(form.name());
        out.empty("input")
                .attr("type", "text")
                .attr("name", FormNames.TRAP)
                .attr("tabindex", -1)
                .attr("autocomplete", "off");
        out.end().end();
    }

    /** Fields under their headings, in the order of the form. */
    private void fields(List<FormField> all) {
        String group = "";
        boolean within = false;
        for (FormField field : all) {
            if (Steps.begins(field)) {
                out.start("p", "steps").element("b", field.label()).end();
                continue;
            }
            if (!field.group().equals(group)) {
                if (within) {
                    out.end();
                }
                group = field.group();
                within = !group.isEmpty();
                if (within) {
                    out.start("fieldset", "group").element("legend", group);
                }
            }
            FieldKind kind = FieldKinds.of(field);
            new FieldWriter(scene, form, frame(field), out)
                    .write(kind.control(field, scene.forms().around()));
        }
        if (within) {
            out.end();
        }
    }

    private void wrong() {
        Map<String, Mistake> mistakes = sending.mistakes();
        if (sending.state() == Sending.State.LATER) {
            out.start("div", "wrongs").attr("role", "alert").attr("tabindex", -1);
            out.element("p", say(Phrase.FORM_LATER)).end();
        }
        if (mistakes.isEmpty()) {
            return;
        }
        out.start("div", "wrongs").attr("role", "alert").attr("tabindex", -1);
        out.element(
                "p",
                mistakes.size() == 1
                        ? say(Phrase.FORM_WRONG_ONE)
                        : say(Phrase.FORM_WRONG_MANY).replace("{0}", String.valueOf(mistakes.size())));
        out.start("ul");
        form.fields()
                .forEach(f -> Optional.ofNullable(mistakes.get(f.key())).ifPresent(m -> {
                    out.start("li").start("a").attr("href", "#" + ids.get(f.key()));
                    out.text(f.label() + (f.label().endsWith("?") ? " " : ": ") + m.in(this::say))
                            .end()
                            .end();
                }));
        out.end().end();
    }
}
