package venue.core.body.form;

import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Optional;
import venue.core.basics.text.Phrase;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** Fields that are boxes to tick. */
final class TickFields {

    static final String YES = "yes";
    static final String CONSENT = "consent";

    private static final Property WORDS =
            of("words", "What is ticked", PropertyType.LINES).longest(600);

    private TickFields() {}

    private static String words(FormField field) {
        String own = field.said(WORDS);
        return own.isEmpty() ? field.label() : own;
    }

    private static Optional<Mistake> wrong(List<String> values) {
        return values.get(0).equals(YES) ? Optional.empty() : Optional.of(Mistake.of(Phrase.FIELD_GONE));
    }

    /** Yes or no. */
    static final class Yes extends FieldKind {

        Yes() {
            super(YES, "Yes or no", WORDS);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return new Control.Tick(words(field), null, "");
        }

        @Override
        Phrase missing() {
            return Phrase.FIELD_TICK;
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            return TickFields.wrong(values);
        }
    }

    /** What somebody agrees to: nothing is sent without it. */
    static final class Consent extends FieldKind {

        private static final Property LINK = of("link", "Where more is said", PropertyType.LINK);
        private static final Property LINK_WORDS = of("linkWords", "The link says", PropertyType.WORDS)
                .longest(120)
                .onlyWhen("link");

        Consent() {
            super(CONSENT, "Consent", WORDS, LINK, LINK_WORDS);
        }

        @Override
        boolean mayBeLeftOut() {
            return false;
        }

        @Override
        public Control control(FormField field, AtHand around) {
            String link = field.said(LINK);
            return new Control.Tick(words(field), link.isEmpty() ? null : link, field.said(LINK_WORDS));
        }

        @Override
        Phrase missing() {
            return Phrase.FIELD_TICK;
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            return TickFields.wrong(values);
        }
    }
}
