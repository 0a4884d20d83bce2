package venue.core.body.form;

import static venue.core.model.property.Property.of;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** A number, whole unless parts of one are taken too. */
final class NumberField extends FieldKind {

    static final String KEY = "number";

    private static final Property LEAST = of("least", "The least", PropertyType.NUMBER);
    private static final Property MOST = of("most", "The most", PropertyType.NUMBER);
    private static final Property UNIT = of("unit", "Unit", PropertyType.WORDS).longest(20);
    private static final Property PARTS = of("parts", "Parts of one too, as 1.5", PropertyType.YES_NO);
    private static final Property BEGINS = of("begins", "What it begins with", PropertyType.NUMBER);
    /** As a browser sends it (HTML, 2.3.4.3), of a length that can be kept. */
    private static final String WRITTEN = "-?[0-9]{1,12}(\\.[0-9]{1,4})?";

    NumberField() {
        super(KEY, "Number", LEAST, MOST, BEGINS, UNIT, PARTS);
    }

    @Override
    public Control control(FormField field, AtHand around) {
        BigDecimal least = bound(field, LEAST, RoundingMode.CEILING);
        BigDecimal most = bound(field, MOST, RoundingMode.FLOOR);
        return new Control.Line(
                KEY,
                new Attributes()
                        .with("min", least == null ? "" : least.toPlainString())
                        .with("max", most == null ? "" : most.toPlainString())
                        .with("step", field.is(PARTS) ? "any" : "1")
                        .with("inputmode", field.is(PARTS) ? "decimal" : "numeric")
                        .with("value", field.said(BEGINS))
                        .all(),
                field.said(UNIT));
    }

    @Override
    Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
        if (!values.get(0).matches(WRITTEN)) {
            return Optional.of(Mistake.of(Phrase.FIELD_NUMBER));
        }
        BigDecimal number = new BigDecimal(values.get(0));
        if (!field.is(PARTS) && number.stripTrailingZeros().scale() > 0) {
            return Optional.of(Mistake.of(Phrase.FIELD_WHOLE));
        }
        BigDecimal least = bound(field, LEAST, RoundingMode.CEILING);
        if (least != null && number.compareTo(least) < 0) {
            return Optional.of(Mistake.of(Phrase.FIELD_LEAST, least.toPlainString()));
        }
        BigDecimal most = bound(field, MOST, RoundingMode.FLOOR);
        return most != null && number.compareTo(most) > 0
                ? Optional.of(Mistake.of(Phrase.FIELD_MOST, most.toPlainString()))
                : Optional.empty();
    }

    /** A bound that a whole number can have, where whole numbers are asked for: a browser counts its steps from the least. */
    private static @Nullable BigDecimal bound(FormField field, Property setting, RoundingMode rounded) {
        return field.held(setting)
                .map(v -> v instanceof Value.Num num ? num.number() : null)
                .map(n -> field.is(PARTS) ? n : n.setScale(0, rounded))
                .orElse(null);
    }

    @Override
    public String inWords(FormField field, List<String> values, AtHand around) {
        String unit = field.said(UNIT);
        return String.join(", ", values) + (values.isEmpty() || unit.isEmpty() ? "" : " " + unit);
    }
}
