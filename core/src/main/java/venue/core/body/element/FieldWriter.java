package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.basics.text.Phrase;
import venue.core.body.form.Control;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.FilesField;
import venue.core.body.form.Offer;
import venue.core.body.form.SentFile;
import venue.core.body.scene.Scene;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.property.Choice;

/** Writes one field of a form: its label, help and control, what stands in it, what is wrong with it. */
final class FieldWriter implements Control.Pen {

    private final Scene scene;
    private final Form form;
    private final FormField field;
    private final String id;
    private final FieldFrame frame;
    private final HtmlWriter out;

    FieldWriter(Scene scene, Form form, FieldFrame frame, HtmlWriter out) {
        this.scene = scene;
        this.form = form;
        this.frame = frame;
        this.out = out;
        field = frame.field();
        id = frame.id();
    }

    void write(Control control) {
        control.by(this);
    }

    private void attributes(Map<String, String> all) {
        new TreeMap<>(all).forEach(out::attr);
    }

    private void input(Control.Line line, String name, String itsId) {
        Map<String, String> attributes = new TreeMap<>(line.attributes());
        String begins = attributes.remove("value");
        out.empty("input").attr("type", line.type()).attr("id", itsId).attr("name", name);
        attributes(attributes);
        String value = frame.typedIn(name, begins == null ? "" : begins);
        if (!value.isEmpty()) {
            out.attr("value", value);
        }
        frame.described();
    }

    @Override
    public void line(Control.Line line) {
        frame.start("div");
        frame.label("label");
        if (line.unit().isEmpty()) {
            input(line, field.key(), id);
        } else {
            out.start("span", "with-unit");
            input(line, field.key(), id);
            out.element("span", line.unit()).end();
        }
        frame.told();
        out.end();
    }

    @Override
    public void area(Control.Area area) {
        frame.start("div");
        frame.label("label");
        out.start("textarea").attr("id", id).attr("name", field.key()).attr("rows", area.rows());
        attributes(area.attributes());
        frame.described();
        out.text(frame.typedIn(field.key(), "")).end();
        frame.told();
        out.end();
    }

    @Override
    public void choices(Control.Choices choices) {
        if (choices.layout().equals("menu")) {
            menu(choices.all());
            return;
        }
        frame.group();
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
        frame.told();
        out.end();
    }

    private void choice(String type, String value, boolean off) {
        out.empty("input").attr("type", type).attr("name", field.key()).attr("value", value);
        if (frame.typed(field.key()).contains(value)) {
            out.attr("checked");
        }
        if (off) {
            out.attr("disabled");
        }
        if (type.equals("radio")) {
            frame.described();
        }
    }

    private void menu(List<Choice> all) {
        frame.start("div");
        frame.label("label");
        out.start("select").attr("id", id).attr("name", field.key());
        frame.described();
        out.start("option").attr("value", "").end();
        for (Choice choice : all) {
            out.start("option").attr("value", choice.value());
            if (frame.typed(field.key()).contains(choice.value())) {
                out.attr("selected");
            }
            out.text(choice.label()).end();
        }
        out.end();
        frame.told();
        out.end();
    }

    @Override
    public void offers(Control.Offers offers) {
        frame.group();
        List<Offer> open = offers.all().stream().filter(o -> !o.closed()).toList();
        if (open.isEmpty()) {
            out.element("p", scene.words().say(Phrase.NOTHING_FOUND));
        }
        out.start("div", "offers");
        open.forEach(this::offer);
        out.end();
        frame.told();
        out.end();
    }

    private void offer(Offer offer) {
        OfferWriter writer = new OfferWriter(scene, form, out);
        out.start("label", writer.isFull(offer) ? "offer full" : "offer");
        choice("radio", offer.id(), writer.isShut(offer));
        writer.write(offer);
        out.end();
    }

    /** Those that wait from before are ticked, and are chosen no second time. */
    @Override
    public void files(Control.Files files) {
        frame.start("div");
        frame.label("label");
        out.start("p", "help").text(files.told()).end();
        String name = FilesField.kept(field);
        List<SentFile> kept = frame.typed(name).stream()
                .flatMap(v -> SentFile.read(v).stream())
                .toList();
        for (SentFile file : kept) {
            out.start("label", "ticked");
            out.empty("input")
                    .attr("type", "checkbox")
                    .attr("name", name)
                    .attr("value", file.id())
                    .attr("checked");
            out.element("span", file.words(scene.forms().around().locale())).end();
        }
        out.empty("input")
                .attr("type", "file")
                .attr("id", id)
                .attr("name", field.key())
                .attr("accept", files.accept());
        if (files.most() > 1) {
            out.attr("multiple");
        }
        frame.described(kept.isEmpty());
        frame.told();
        out.end();
    }

    @Override
    public void tick(Control.Tick tick) {
        frame.start("div");
        out.start("label", "ticked");
        out.empty("input")
                .attr("type", "checkbox")
                .attr("id", id)
                .attr("name", field.key())
                .attr("value", "yes");
        if (frame.typed(field.key()).contains("yes")) {
            out.attr("checked");
        }
        frame.described();
        out.start("span").text(tick.words());
        if (tick.link() != null) {
            Link.find(tick.link()).flatMap(scene.links()::way).ifPresent(way -> {
                out.text(" ").start(way, "").text(tick.linkWords().isEmpty() ? way.href() : tick.linkWords());
                out.end(way);
            });
        }
        out.end().end();
        frame.help();
        frame.told();
        out.end();
    }

    @Override
    public void days(Control.Days days) {
        frame.group();
        out.start("div", "days");
        List<String> names = FieldKinds.of(field).names(field);
        day(days.first(), names.get(0), Phrase.FIRST_DAY, "a");
        day(days.last(), names.get(1), Phrase.LAST_DAY, "b");
        out.end();
        frame.told();
        out.end();
    }

    private void day(Control.Line line, String name, Phrase label, String part) {
        out.start("span");
        out.start("label").attr("for", id + part).text(scene.words().say(label)).end();
        input(line, name, id + part);
        out.end();
    }

    @Override
    public void taken(Control.Taken taken) {
        new BasketWriter(scene, frame, out).write();
    }

    @Override
    public void between(Control.Between between) {
        frame.start("div");
        out.trusted(scene.words().rich(between.html()));
        out.end();
    }
}
