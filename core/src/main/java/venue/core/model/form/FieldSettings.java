package venue.core.model.form;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.stream.Stream;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** What every field that asks for something may be set to. */
public final class FieldSettings {

    public static final Property REQUIRED =
            of("required", "Asked for", PropertyType.YES_NO).help("Nothing is sent without it.");
    public static final Property HELP =
            of("help", "Help beneath the label", PropertyType.WORDS).longest(300);
    public static final Property WIDTH =
            choice("width", "Width", "whole=The whole width", "half=Half, beside the next one");
    public static final Property LABEL = choice("labelAt", "Its label stands", "above=Above it", "beside=Beside it");
    public static final Property WHEN = of("when", "Shown only when this field", PropertyType.FIELD);
    public static final Property SAYS = of("says", "says", PropertyType.WORDS)
            .longest(200)
            .onlyWhen("when")
            .help("What is chosen or written there, as visitors read it; “yes” for a ticked box.");

    private FieldSettings() {}

    /** In the order in which they are set, after those of the kind of field. */
    public static List<Property> all() {
        return Stream.concat(Stream.of(REQUIRED, HELP), around().stream()).toList();
    }

    /** Those that words between fields have too. */
    public static List<Property> around() {
        return List.of(WIDTH, LABEL, WHEN, SAYS);
    }
}
