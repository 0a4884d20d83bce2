package venue.core.show.render;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.basics.value.Window;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.body.form.FormNames;
import venue.core.body.scene.Props;
import venue.core.edition.edition.Everywhere;
import venue.core.model.gate.GateSettings;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.OptionAnswer;
import venue.core.model.section.Column;
import venue.core.model.section.ColumnSettings;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;
import venue.core.model.template.Zone;

/** Writes sections: the band, its columns, and the elements that have something to show. */
final class SectionRenderer {

    /** What sets other things off, and has no place of its own. */
    private final View view;

    private final PageScene scene;
    private final HtmlWriter out;
    private final SectionStyle style;

    SectionRenderer(View view, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.scene = scene;
        this.out = out;
        style = new SectionStyle(scene.needs().rules());
    }

    /** The sections that show in a zone: the template's fixed ones, then the page's own. */
    Stream<Section> shown(Zone zone, Page page) {
        return Stream.concat(zone.fixed().stream(), page.zones().in(zone.key()).stream())
                .map(view.edition()::shown);
    }

    /**
     * The sections of every page that show on this one.
     *
     * @param stands where they stand: {@code above} the footer, {@code within} it, or in the {@code left} or {@code right} column
     */
    List<Section> everywhere(String stands) {
        return Everywhere.in(view.edition(), scene.page(), stands).toList();
    }

    /** Writes the columns alone of those that hold something, on the ground that is there; whether any did. */
    boolean writeWithin(List<Section> sections) {
        List<Section> all = sections.stream()
                .filter(s -> isShown(s, new Props(SectionSettings.all(), s.settings(), scene)) && hasSomething(s))
                .toList();
        for (Section section : all) {
            within(section);
        }
        return !all.isEmpty();
    }

    private void within(Section section) {
        Props settings = new Props(SectionSettings.all(), section.settings(), scene);
        if (view.isMarked()) {
            out.mark("data-s", section.id());
        }
        String hidden = settings.text("hiddenOn");
        out.start("div", style.columns(settings) + (hidden.equals("none") ? "" : " no-" + hidden));
        section.columns().forEach(c -> column(section, c));
        out.end();
    }

    /** Writes the section unless it is outside its dates, not chosen by the page or holds nothing to show. */
    void write(Section section) {
        Props settings = new Props(SectionSettings.all(), section.settings(), scene);
        if (!isShown(section, settings) || !hasSomething(section)) {
            return;
        }
        if (view.isMarked()) {
            out.mark("data-s", section.id());
        }
        begin(section, settings);
        out.start("section", style.classes(section, settings));
        if (!settings.text("reveal").equals("none")) {
            scene.needs().needScript();
        }
        if (settings.has("anchor")) {
            out.attr("id", settings.text("anchor"));
        }
        new Appearing(scene, out).wait(settings);
        new Backdrop(view, scene, out).write(section, settings);
        out.start("div", "in");
        boolean opens = settings.text("appears").equals("asked");
        if (opens) {
            new Appearing(scene, out).opens(settings);
        }
        out.start("div", style.columns(settings));
        section.columns().forEach(c -> column(section, c));
        out.end();
        if (opens) {
            out.end();
        }
        out.end().end();
    }

    /** A header may lie over a picture that is there from the beginning, in every window. */
    private void begin(Section section, Props settings) {
        List<Media> pictures = Backdrop.pictures(settings);
        boolean always = settings.text("hiddenOn").equals("none")
                && settings.text("appears").equals("once");
        if (always && !pictures.isEmpty() && SectionStyle.isOpening(section)) {
            scene.beginning.opening(pictures, settings.text("tone"), Backdrop.veil(settings));
        } else {
            scene.beginning.plainly();
        }
    }

    private boolean isShown(Section section, Props settings) {
        Window window = new Window(settings.text("shownFrom"), settings.text("shownUntil"));
        window.turns(scene.localTime()).ifPresent(scene::lasts);
        return window.isOn(scene.localTime().toString())
                && GateSettings.shownTo(section.settings()).holds(view.visitor())
                && OptionAnswer.of(settings.text("option")).stream().allMatch(scene::answers);
    }

    /** Whether there is anything in the section: an element that shows something, or a picture of its own. */
    boolean hasSomething(Section section) {
        return section.columns().stream().anyMatch(this::hasSomething)
                || Backdrop.isPictured(new Props(SectionSettings.all(), section.settings(), scene));
    }

    private boolean hasSomething(Column column) {
        return column.elements().stream().anyMatch(e -> !Elements.is(e, ElementKind::isFurniture) && hasSomething(e));
    }

    /** Whether the section will set a heading, which can serve as the h1. */
    boolean leadsWithHeading(Section section) {
        Props settings = new Props(SectionSettings.all(), section.settings(), scene);
        return isShown(section, settings)
                && hasSomething(section)
                && section.elements().anyMatch(e -> Elements.is(e, ElementKind::isHeading) && hasSomething(e));
    }

    boolean listsHeadings(Section section) {
        return section.elements().anyMatch(e -> Elements.is(e, ElementKind::listsHeadings));
    }

    /** The words of the headings that the section will set, in their order. */
    Stream<String> headings(Section section) {
        Props settings = new Props(SectionSettings.all(), section.settings(), scene);
        return isShown(section, settings) && hasSomething(section)
                ? section.elements()
                        .filter(e -> Elements.is(e, ElementKind::isHeading))
                        .map(e -> props(Elements.require(e.kind()), e.props()).text("text"))
                        .filter(w -> !w.isEmpty())
                : Stream.empty();
    }

    /** The h1 has been set outside the sections. */
    void markTitled() {
        scene.headings().setTitled();
    }

    private boolean hasSomething(Element element) {
        boolean away = !view.facts().here() && !view.facts().server().isEmpty();
        return away && Elements.is(element, k -> k.asksServer(element.props()) && !k.isAnsweredByFiles())
                || Elements.find(element.kind())
                        .filter(k -> k.hasSomething(props(k, element.props())))
                        .isPresent();
    }

    private Props props(ElementKind kind, Map<String, Value> values) {
        return new Props(kind.properties(), values, scene);
    }

    /** A column is left out where all that it holds is; one without elements keeps its room. */
    private void column(Section section, Column column) {
        if (!column.elements().isEmpty() && !hasSomething(column)) {
            return;
        }
        out.start(
                "div",
                "col w" + column.span() + style.column(new Props(ColumnSettings.all(), column.settings(), scene)));
        scene.headings().beginColumn();
        for (Element element : column.elements()) {
            Elements.find(element.kind()).ifPresent(kind -> element(kind, section, column, element));
        }
        out.end();
    }

    /** Writes one element alone, where it stands in a section that shows; whether it did. */
    boolean writeElement(Section section, String id) {
        Props settings = new Props(SectionSettings.all(), section.settings(), scene);
        if (!isShown(section, settings)) {
            return false;
        }
        for (Column column : section.columns()) {
            for (Element element : column.elements()) {
                if (element.id().equals(id) && hasSomething(element)) {
                    element(Elements.require(element.kind()), section, column, element);
                    return true;
                }
            }
        }
        return false;
    }

    /** What the server alone can answer is asked for there: by a link, and by a script that brings it here. */
    private void asked(Section section, Element element) {
        String server = view.facts().server();
        String path = view.path(scene.page());
        scene.needs().ask(server);
        scene.needs().needFilling();
        scene.needs().needTraces();
        out.start("div", "asked");
        // What stands on a page of our own, as where nothing is, has no address there.
        if (view.edition().page(scene.page().id()).isPresent()) {
            out.attr(
                    "data-ask",
                    server + FormNames.PART + "?at=" + path + "&section=" + section.id() + "&element=" + element.id());
        }
        out.start("p").start("a", "button").attr("href", server + path);
        out.text(scene.words().say(Phrase.GO_ON_THERE)).end().end().end();
    }

    private void element(ElementKind kind, Section section, Column column, Element element) {
        Props props = props(kind, element.props());
        scene.inColumn(column.span());
        boolean away = !view.facts().here() && !view.facts().server().isEmpty();
        if (away && kind.asksServer(element.props()) && !kind.isAnsweredByFiles()) {
            asked(section, element);
            return;
        }
        if (kind.hasSomething(props)) {
            if (view.isMarked()) {
                out.mark("data-e", element.id());
            }
            String moving = style.reveal(props);
            if (!moving.isEmpty()) {
                scene.needs().needScript();
                out.alsoClasses(moving);
            }
            kind.render(props, out);
        }
    }
}
