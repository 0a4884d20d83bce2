package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.basics.text.Phrase;
import venue.core.body.form.Control;
import venue.core.body.form.FieldKind;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Mistake;
import venue.core.body.form.Offer;
import venue.core.body.form.Sending;
import venue.core.body.scene.Scene;
import venue.core.model.form.FieldSettings;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.property.Choice;

/** Writes one field of a form: its label, help and control, what stands in it, what is wrong with it. */
final class FieldWriter implements Control.Pen {

    private final Scene scene;
    private final Form form;
    private final FormField field;
    private final FieldKind kind;
    private final String id;
    private final Sending sending;
    private final @Nullable Mistake mistake;
    private final HtmlWriter out;

    FieldWriter(Scene scene, Form form, FormField field, String id, Sending sending, HtmlWriter out) {
        this.scene = scene;
        this.form = form;
        this.field = field;
        this.id = id;
        this.sending = sending;
        this.out = out;
        kind = FieldKinds.of(field);
        mistake = sending.mistakes().get(field.key());
    }

    void write(Control control) {
        control.by(this);
    }

    private List<String> typed(String name) {
        return sending.typed().getOrDefault(name, List.of());
    }

    private String typedIn(String name, String begins) {
        return sending.state() == Sending.State.OPEN
                ? begins
                : typed(name).stream().findFirst().orElse("");
    }

    /** A field may not be needed where it is not shown: then the server alone says that it is missing. */
    private boolean mustHold() {
        return kind.isRequired(field) && !field.dependsOnAnother();
    }

    /** Starts what holds the field, with what says when it is shown. */
    private void start(String tag) {
        StringBuilder classes = new StringBuilder("field");
        classes.append(field.said(FieldSettings.WIDTH).equals("half") ? " half" : "")
                .append(field.said(FieldSettings.LABEL).equals("beside") ? " beside" : "")
                .append(mistake == null ? "" : " refused");
        out.start(tag, classes.toString());
        if (field.dependsOnAnother()) {
            out.attr("data-when", field.said(FieldSettings.WHEN)).attr("data-says", field.said(FieldSettings.SAYS));
        }
    }

    private void label(String tag) {
        out.start(tag);
        if (tag.equals("label")) {
            out.attr("for", id);
        }
        out.text(field.label());
        if (!kind.isRequired(field)) {
            out.text(" ").element("small", scene.words().say(Phrase.IF_YOU_LIKE));
        }
        out.end();
        help();
    }

    private void help() {
        String help = field.said(FieldSettings.HELP);
        if (!help.isEmpty()) {
            out.start("p", "help").attr("id", id + "h").text(help).end();
        }
    }

    private void told() {
        if (mistake != null) {
            out.start("p", "wrong")
                    .attr("id", id + "w")
                    .text(mistake.in(scene.words()::say))
                    .end();
        }
    }

    /** What describes a control, and whether it is as it should be. */
    private void described() {
        boolean helped = !field.said(FieldSettings.HELP).isEmpty();
        String by = (helped ? id + "h " : "") + (mistake != null ? id + "w" : "");
        if (!by.isBlank()) {
            out.attr("aria-describedby", by.strip());
        }
        if (mistake != null) {
            out.attr("aria-invalid", "true");
        }
        if (mustHold()) {
            out.attr("required");
        }
    }

    private void attributes(Map<String, String> all) {
        new TreeMap<>(all).forEach(out::attr);
    }

    private void input(Control.Line line, String name, String itsId) {
        Map<String, String> attributes = new TreeMap<>(line.attributes());
        String begins = attributes.remove("value");
        out.empty("input").attr("type", line.type()).attr("id", itsId).attr("name", name);
        attributes(attributes);
        String value = typedIn(name, begins == null ? "" : begins);
        if (!value.isEmpty()) {
            out.attr("value", value);
        }
        described();
    }

    @Override
    public void line(Control.Line line) {
        start("div");
        label("label");
        if (line.unit().isEmpty()) {
            input(line, field.key(), id);
        } else {
            out.start("span", "with-unit");
            input(line, field.key(), id);
            out.element("span", line.unit()).end();
        }
        told();
        out.end();
    }

    @Override
    public void area(Control.Area area) {
        start("div");
        label("label");
        out.start("textarea").attr("id", id).attr("name", field.key()).attr("rows", area.rows());
        attributes(area.attributes());
        described();
        out.text(typedIn(field.key(), "")).end();
        told();
        out.end();
    }

    /** Starts a group of controls under one label. */
    private void group() {
        start("fieldset");
        out.attr("id", id).attr("tabindex", -1);
        label("legend");
    }

    @Override
    public void choices(Control.Choices choices) {
        if (choices.layout().equals("menu")) {
            menu(choices.all());
            return;
        }
        group();
        out.start("div", "choices " + choices.layout());
        for (Choice choice : choices.all()) {
            out.start("label", "choice");
            choice(choices.several() ? "checkbox" : "radio", choice.value(), false);
            String picture = choices.pictures().get(choice.value());
            if (choices.layout().equals("cards") && picture != null) {
                scene.pictures()
                        .media(picture)
                        .ifPresent(m -> Pictures.write(scene, m, "", Math.max(3, scene.span() / 3), out));
            }
            out.element("span", choice.label()).end();
        }
        out.end();
        told();
        out.end();
    }

    private void choice(String type, String value, boolean off) {
        out.empty("input").attr("type", type).attr("name", field.key()).attr("value", value);
        if (typed(field.key()).contains(value)) {
            out.attr("checked");
        }
        if (off) {
            out.attr("disabled");
        }
        if (type.equals("radio")) {
            described();
        }
    }

    private void menu(List<Choice> all) {
        start("div");
        label("label");
        out.start("select").attr("id", id).attr("name", field.key());
        described();
        out.start("option").attr("value", "").end();
        for (Choice choice : all) {
            out.start("option").attr("value", choice.value());
            if (typed(field.key()).contains(choice.value())) {
                out.attr("selected");
            }
            out.text(choice.label()).end();
        }
        out.end();
        told();
        out.end();
    }

    @Override
    public void offers(Control.Offers offers) {
        group();
        List<Offer> open = offers.all().stream().filter(o -> !o.closed()).toList();
        if (open.isEmpty()) {
            out.element("p", scene.words().say(Phrase.NOTHING_FOUND));
        }
        out.start("div", "offers");
        open.forEach(this::offer);
        out.end();
        told();
        out.end();
    }

    private void offer(Offer offer) {
        OfferWriter writer = new OfferWriter(scene, form, out);
        out.start("label", writer.isFull(offer) ? "offer full" : "offer");
        choice("radio", offer.id(), writer.isShut(offer));
        writer.write(offer);
        out.end();
    }

    @Override
    public void tick(Control.Tick tick) {
        start("div");
        out.start("label", "ticked");
        out.empty("input")
                .attr("type", "checkbox")
                .attr("id", id)
                .attr("name", field.key())
                .attr("value", "yes");
        if (typed(field.key()).contains("yes")) {
            out.attr("checked");
        }
        described();
        out.start("span").text(tick.words());
        if (tick.link() != null) {
            Link.find(tick.link()).flatMap(scene.links()::way).ifPresent(way -> {
                out.text(" ").start(way, "").text(tick.linkWords().isEmpty() ? way.href() : tick.linkWords());
                out.end(way);
            });
        }
        out.end().end();
        help();
        told();
        out.end();
    }

    @Override
    public void days(Control.Days days) {
        group();
        out.start("div", "days");
        List<String> names = kind.names(field);
        day(days.first(), names.get(0), Phrase.FIRST_DAY, "a");
        day(days.last(), names.get(1), Phrase.LAST_DAY, "b");
        out.end();
        told();
        out.end();
    }

    private void day(Control.Line line, String name, Phrase label, String part) {
        out.start("span");
        out.start("label").attr("for", id + part).text(scene.words().say(label)).end();
        input(line, name, id + part);
        out.end();
    }

    @Override
    public void between(Control.Between between) {
        start("div");
        out.trusted(scene.words().rich(between.html()));
        out.end();
    }
}
