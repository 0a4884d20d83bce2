package venue.core.body.element;

import java.util.List;
import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Scene;
import venue.core.model.site.Membership;

/** Writes a form that is sent to where the members of a site are let in; it needs no script. */
final class MemberForm {

    private final Scene scene;
    private final Guest.Turn turn;
    private final HtmlWriter out;

    MemberForm(Scene scene, Guest.Turn turn, HtmlWriter out) {
        this.scene = scene;
        this.turn = turn;
        this.out = out;
        scene.needsForms();
    }

    String say(Phrase phrase) {
        return scene.words().say(phrase);
    }

    /** What went well, or comes next. */
    void says(Phrase words) {
        says(say(words));
    }

    void says(String words) {
        out.start("p", "said").attr("role", "status").text(words).end();
    }

    /** What is wrong with what was sent, where something is. */
    void wrong() {
        if (!turn.wrong().isEmpty()) {
            out.start("p", "wrong").attr("role", "alert").text(turn.wrong()).end();
        }
    }

    /** Begins a form; what was carried so far goes along. */
    void begin(String action, String... carried) {
        out.start("form", "membering").attr("method", "post").attr("action", action);
        for (String name : carried) {
            String value = turn.typed().getOrDefault(name, "");
            if (!value.isEmpty()) {
                hidden(name, value);
            }
        }
    }

    void hidden(String name, String value) {
        out.empty("input").attr("type", "hidden").attr("name", name).attr("value", value);
    }

    void end() {
        out.end();
    }

    void line(String type, String name, Phrase label, String fills) {
        line(type, name, say(label), turn.typed().getOrDefault(name, ""), fills, true);
    }

    /**
     * A line to write in.
     *
     * @param fills what a browser may fill in by itself (HTML, 4.10.18.7); or empty
     */
    void line(String type, String name, String label, String value, String fills, boolean required) {
        out.start("label").element("span", label);
        out.empty("input").attr("type", type).attr("name", name);
        if (!type.equals("password") && !value.isEmpty()) {
            out.attr("value", value);
        }
        if (!fills.isEmpty()) {
            out.attr("autocomplete", fills);
        }
        if (type.equals("text") || type.equals("email")) {
            out.attr("maxlength", 254);
        }
        if (required) {
            out.attr("required");
        }
        out.end();
    }

    void check(String name, String label, boolean on, boolean required) {
        out.start("label", "tick")
                .empty("input")
                .attr("type", "checkbox")
                .attr("name", name)
                .attr("value", "yes");
        if (on) {
            out.attr("checked");
        }
        if (required) {
            out.attr("required");
        }
        out.element("span", label).end();
    }

    /** The lines for what is kept of a member that they change themselves. */
    void fields(List<Membership.Field> fields, Map<String, String> values) {
        fields.stream().filter(Membership.Field::theirs).forEach(f -> field(f, "field." + f.key(), values));
    }

    private void field(Membership.Field field, String name, Map<String, String> values) {
        String value = values.getOrDefault(field.key(), "");
        switch (field.sort()) {
            case WORDS -> line("text", name, field.label(), value, "", false);
            case DATE -> line("date", name, field.label(), value, "", false);
            case YES -> check(name, field.label(), value.equals("yes"), false);
            case LINES -> {
                out.start("label").element("span", field.label());
                out.start("textarea")
                        .attr("name", name)
                        .attr("rows", 4)
                        .attr("maxlength", 2000)
                        .text(value)
                        .end();
                out.end();
            }
            case CHOICE -> choice(field, name, value);
        }
    }

    private void choice(Membership.Field field, String name, String value) {
        out.start("label").element("span", field.label());
        out.start("select").attr("name", name);
        out.start("option").attr("value", "").end();
        for (String answer : field.choices()) {
            out.start("option").attr("value", answer);
            if (answer.equals(value)) {
                out.attr("selected");
            }
            out.text(answer).end();
        }
        out.end().end();
    }

    void submit(Phrase words) {
        out.start("button", "button strong")
                .attr("type", "submit")
                .text(say(words))
                .end();
    }

    /** The same where it is not what the page is for. */
    void also(Phrase words) {
        out.start("button", "button").attr("type", "submit").text(say(words)).end();
    }

    /** A further way to send what was written. */
    void submit(Phrase words, String name, String value) {
        out.start("button", "button")
                .attr("type", "submit")
                .attr("name", name)
                .attr("value", value)
                .attr("formnovalidate")
                .text(say(words))
                .end();
    }

    void link(String href, Phrase words) {
        out.start("a").attr("href", href).text(say(words)).end();
    }

    HtmlWriter out() {
        return out;
    }
}
