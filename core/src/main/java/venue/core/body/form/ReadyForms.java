package venue.core.body.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.form.FormSettings;
import venue.core.model.property.Property;

/**
 * Forms that many sites want: to begin with, and then like any other form. Patterns and templates name them, so that one that a site
 * doesn't have yet is made with the first section that shows it.
 */
public final class ReadyForms {

    private static final FormField NAME = words("name", "Your name", "name").asked();
    private static final FormField EMAIL =
            FormField.of("email", "Your e-mail address", "email").asked();
    private static final FormField PHONE = FormField.of("phone", "Your telephone number", "phone");
    private static final FormField CONSENT = FormField.of("consent", "Consent", "consent")
            .with("words", "Keep my name and address until this is done, to write to me about it.");

    private static final List<Form> ALL = List.of(
            form(
                    "contact",
                    "Contact",
                    Map.of(FormSettings.BUTTON, "Send it"),
                    NAME,
                    EMAIL,
                    lines("words", "What would you like to say?").asked(),
                    CONSENT),
            form(
                    "invitation",
                    "Answer to an invitation",
                    Map.of(FormSettings.BUTTON, "Answer"),
                    NAME,
                    EMAIL,
                    one("comes", "Will you come?", "line", "Yes", "No").asked(),
                    number("people", "How many of you?", 1, 6)
                            .with("when", "comes")
                            .with("says", "Yes"),
                    lines("know", "What should we know?").with("help", "What you don’t eat, or how you get about.")),
            form(
                    "sign-up",
                    "Subscribe",
                    Map.of(
                            FormSettings.BUTTON,
                            "Subscribe",
                            FormSettings.LIST,
                            true,
                            FormSettings.THANKS,
                            "Look into your mail: a letter waits there. Letters come once you have confirmed it."),
                    EMAIL,
                    CONSENT.with("words", "Send me letters about what is new. I can stop them in each.")),
            form(
                    "booking",
                    "Book a place",
                    Map.of(
                            FormSettings.BUTTON,
                            "Book a place",
                            FormSettings.BUTTON_MANY,
                            "Book # places",
                            FormSettings.PLACES,
                            "places",
                            FormSettings.PEOPLE,
                            "people",
                            FormSettings.LETTER,
                            true,
                            FormSettings.LETTER_WORDS,
                            "Thank you for booking."),
                    FormField.of("which", "Which one?", PickSettings.PICK).asked(),
                    number("people", "How many of you?", 1, 6)
                            .asked()
                            .with("begins", Value.of(1))
                            .with("help", "Up to six. Children count."),
                    NAME,
                    EMAIL,
                    lines("know", "What should we know?"),
                    CONSENT),
            form(
                    "comment",
                    "Comment",
                    Map.of(
                            FormSettings.BUTTON,
                            "Say it",
                            FormSettings.COMMENT,
                            "words",
                            FormSettings.LETTER,
                            true,
                            FormSettings.LETTER_WORDS,
                            "Thank you for what you said. By this letter you can change it.",
                            FormSettings.MONTHS,
                            120L),
                    lines("words", "What would you like to say?").asked().with("longest", Value.of(2_000L)),
                    NAME.with("width", "half"),
                    FormField.of("email", "Your e-mail, which nobody sees", "email")
                            .with("width", "half"),
                    CONSENT.with("words", "Keep what I say and my name, for others to read.")),
            form(
                    "order",
                    "Order",
                    Map.of(
                            FormSettings.BUTTON,
                            "Order",
                            FormSettings.LETTER,
                            true,
                            FormSettings.LETTER_WORDS,
                            "Thank you for your order. We write to you when it is on its way."),
                    FormField.of("basket", "What you take along", BasketField.KEY),
                    NAME.with("width", "half"),
                    EMAIL.with("width", "half"),
                    lines("address", "Where should it go?"),
                    one(
                                    "pay",
                                    "How do you pay?",
                                    "rows",
                                    "By letter: a bill comes along",
                                    "On the spot, when I fetch it")
                            .asked(),
                    CONSENT),
            form(
                    "group-visit",
                    "Ask for a group visit",
                    Map.of(FormSettings.BUTTON, "Ask for it"),
                    words("group", "Your group", "organization").asked(),
                    NAME.with("width", "half"),
                    PHONE.with("width", "half"),
                    EMAIL,
                    FormField.of("day", "Which day?", "date")
                            .asked()
                            .with("width", "half")
                            .with("notice", Value.of(14)),
                    FormField.of("time", "At what time?", "time").with("width", "half"),
                    number("people", "How many of you?", 5, 60).asked(),
                    one("age", "Who are you?", "line", "Children", "Young people", "Grown-ups", "All ages"),
                    lines("know", "What should we know?"),
                    CONSENT),
            form(
                    "feedback",
                    "Feedback",
                    Map.of(FormSettings.BUTTON, "Tell us"),
                    one("how", "How was it?", "line", "Very good", "Good", "So-so", "Not good")
                            .asked(),
                    lines("liked", "What did you like?"),
                    lines("better", "What could be better?"),
                    FormField.of("email", "Your e-mail address, if we may write back", "email")),
            form(
                    "dates",
                    "Ask for dates",
                    Map.of(
                            FormSettings.BUTTON,
                            "See what is free",
                            FormSettings.AFTER,
                            "address",
                            FormSettings.HANDS_ON,
                            true),
                    FormField.of("days", "From when to when?", "dates").asked(),
                    number("people", "How many of you?", 1, 20).asked().with("begins", Value.of(2))));

    private ReadyForms() {}

    public static List<Form> all() {
        return ALL;
    }

    /** Consent, as ready-made forms ask for it. */
    public static FormField consent() {
        return CONSENT;
    }

    public static Optional<Form> find(String id) {
        return ALL.stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private static Form form(String id, String name, Map<Property, Object> set, FormField... fields) {
        Map<String, Value> settings = new TreeMap<>();
        set.forEach((p, v) -> settings.put(
                p.key(),
                v instanceof Boolean yes
                        ? Value.of(yes)
                        : v instanceof Long number ? Value.of(number) : Value.of((String) v)));
        return new Form("form-" + id, name, List.of(fields), settings, false);
    }

    private static FormField words(String key, String label, String fills) {
        return FormField.of(key, label, "words").with("fills", fills);
    }

    private static FormField lines(String key, String label) {
        return FormField.of(key, label, "lines");
    }

    private static FormField number(String key, String label, long least, long most) {
        return FormField.of(key, label, "number").with("least", Value.of(least)).with("most", Value.of(most));
    }

    private static FormField one(String key, String label, String layout, String... choices) {
        return FormField.of(key, label, "one")
                .with("layout", layout)
                .with(
                        "choices",
                        new Value.Many(Stream.of(choices)
                                .map(c -> Map.of("words", Value.of(c)))
                                .toList()));
    }
}
