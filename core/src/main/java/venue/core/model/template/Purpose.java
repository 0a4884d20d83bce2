package venue.core.model.template;

import java.util.Arrays;
import java.util.Locale;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;

/** What a template is for: the groups in which templates are offered, in their order. */
public enum Purpose {
    BEGIN("Begin with", "the first page, or a page for one purpose"),
    TELL("Tell", "words and pictures"),
    SHOW("Show", "pictures first"),
    LIST("List", "things one after another"),
    GATHER("Gather by itself", "fills itself from other pages"),
    ASK("Ask and answer", "a visitor wants to know something"),
    ONE("One thing", "a person, an event, a document");

    /** The setting of a template's frame that says it. */
    static final String SETTING = "purpose";

    private final String title;
    private final String note;

    Purpose(String title, String note) {
        this.title = title;
        this.note = note;
    }

    /** As it is kept and told. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String title() {
        return title;
    }

    public String note() {
        return note;
    }

    static Purpose read(String key) {
        return Arrays.stream(values())
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElse(TELL);
    }

    static Property declared() {
        return Property.choice(
                        SETTING,
                        "What it is for",
                        Arrays.stream(values())
                                .map(p -> p.key() + "=" + p.title)
                                .toArray(String[]::new))
                .fallback(Value.of(TELL.key()))
                .help("The group in which it is offered where a template is chosen.");
    }
}
