package venue.demo;

import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.util.ArrayList;
import java.util.List;
import venue.core.basics.value.Value;
import venue.core.body.form.ReadyForms;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.section.Section;

/** What visitors of the observatory fill in: they book a place, ask for a group visit, write, and adopt a mirror. */
final class DemoForms {

    static final String BOOK = "booking-form";
    static final String GROUP = "group-form";
    static final String CONTACT = "contact-form";
    static final String MIRROR = "mirror-form";
    static final String LETTERS = "letters-form";
    static final String COMMENT = "comment-form";

    private DemoForms() {}

    static List<Form> all() {
        return List.of(book(), group(), contact(), mirror(), letters(), comment(), DemoShelf.order());
    }

    private static Form ready(String from, String id, String name) {
        return ReadyForms.find("form-" + from)
                .orElseThrow()
                .copy(id, name)
                .with("copies", Value.of("noor@kestrel-moor.example"));
    }

    private static Form book() {
        Form form = ready("booking", BOOK, "Book a place");
        List<FormField> fields = new ArrayList<>();
        for (FormField field : form.fields()) {
            fields.add(
                    switch (field.key()) {
                        case "which" ->
                            new FormField("night", "Which night?", field.type(), "", field.settings())
                                    .with("kind", "open-night");
                        case "consent" ->
                            field.with(
                                            "words",
                                            "Keep my name and address until the night is over, to write to me about it.")
                                    .with("link", "page:privacy")
                                    .with("linkWords", "What we keep, and how long");
                        default -> field;
                    });
        }
        return form.asking(fields)
                .with(
                        "letterWords",
                        Value.of(
                                "Thank you for booking. We decide by four o’clock whether it is clear enough, and write to you."));
    }

    private static Form letters() {
        Form form = ReadyForms.find("form-sign-up").orElseThrow().copy(LETTERS, "Letters from the moor");
        // It stands on pages with other forms: whoever hears them read tells their lines apart.
        return form.asking(form.fields().stream()
                .map(f -> f.type().equals("email")
                        ? new FormField("letters-to", "Send letters to", f.type(), f.group(), f.settings())
                        : new FormField("letters-yes", f.label(), f.type(), f.group(), f.settings()))
                .toList());
    }

    private static Form comment() {
        return ready("comment", COMMENT, "Comment");
    }

    private static Form group() {
        return ready("group-visit", GROUP, "Ask for a group visit")
                .with(
                        "thanks",
                        Value.of("Thank you. Noor looks into the book of nights and writes within three days."));
    }

    private static Form contact() {
        return ready("contact", CONTACT, "Contact");
    }

    private static Form mirror() {
        Form form = ready("contact", MIRROR, "Adopt a mirror");
        List<FormField> fields = new ArrayList<>(form.fields());
        fields.set(
                2,
                FormField.of("name-on-it", "The name on its back", "words")
                        .asked()
                        .with("longest", Value.of(40L)));
        return form.asking(fields).with("button", Value.of("Adopt one"));
    }

    /** A section with one of them, as it is placed on a page. */
    static Section placed(String id, String name, String form) {
        return section(
                id, name, heading(name).with("size", "medium"), part("form").with("form", form));
    }

    static PageDraft page() {
        return new PageDraft("book", "standard", "Book a place")
                .called("book-a-place")
                .wearing("plain")
                .shown("Choose a night and say how many you are.", "field")
                .section(columns(
                        "s1",
                        "Form",
                        column(8, part("form").with("form", BOOK)),
                        column(
                                4,
                                heading("If it is cloudy"),
                                text(
                                        "<p>We decide by four o’clock and write to everyone who booked. Your places move to the next clear night if you wish.</p>"),
                                part("table")
                                        .with(
                                                "cells",
                                                "Where,\"Visitor room, Moor Road\"\nHow long,\"Two hours, more if it is clear\"\nBring,\"Boots, a red torch if you have one\"\nGive it back,With the link in our letter")
                                        .with("headRow", Value.of(false))
                                        .with("headColumn", Value.of(true)))));
    }
}
