package venue.core.body.form;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.Map;
import java.util.TreeMap;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** The attributes of a control, and the settings that several kinds of field have in common. */
final class Attributes {

    static final Property STANDS = of("stands", "What stands in it until something is written", PropertyType.WORDS)
            .longest(120);
    static final Property FILLS = choice(
            "fills",
            "What browsers may fill in",
            "off=Nothing",
            "name=The whole name",
            "given-name=The given name",
            "family-name=The family name",
            "organization=The organisation",
            "street-address=Street and number",
            "postal-code=Postal code",
            "address-level2=Town",
            "country-name=Country");

    private final Map<String, String> all = new TreeMap<>();

    Attributes with(String name, String value) {
        if (!value.isEmpty()) {
            all.put(name, value);
        }
        return this;
    }

    Attributes with(String name, int value) {
        return with(name, String.valueOf(value));
    }

    /** What stands in an empty line. */
    Attributes standing(FormField field) {
        return with("placeholder", field.said(STANDS));
    }

    Map<String, String> all() {
        return Map.copyOf(all);
    }
}
