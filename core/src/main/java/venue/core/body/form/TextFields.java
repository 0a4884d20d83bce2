package venue.core.body.form;

import static venue.core.model.property.Property.number;

import java.util.List;
import java.util.Optional;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Phrase;
import venue.core.model.form.FormField;
import venue.core.model.form.FormSettings;
import venue.core.model.property.Property;

/** Fields in which something is written: words, an address of mail, a telephone number. */
final class TextFields {

    static final String WORDS = "words";
    static final String EMAIL = "email";
    private static final String PHONE_PATTERN = "[+0-9 \\(\\)\\.\\/\\-]{3,30}";
    private static final int LONGEST_EMAIL = 254;
    private static final int LONGEST_PHONE = 30;
    private static final int ROWS = 5;

    private TextFields() {}

    private static Property longest(int usual, int most) {
        return number("longest", "At most", 1, most, usual, "characters");
    }

    private static int longest(FormField field, Property setting) {
        return Integer.parseInt(field.said(setting));
    }

    private static Optional<Mistake> tooLong(String text, int most) {
        return text.length() > most
                ? Optional.of(Mistake.of(Phrase.FIELD_LONG, String.valueOf(text.length()), String.valueOf(most)))
                : Optional.empty();
    }

    /** One line of words. */
    static final class Words extends FieldKind {

        private static final Property LONGEST = longest(200, 500);

        Words() {
            super(WORDS, "One line of words", Attributes.STANDS, LONGEST, Attributes.FILLS);
        }

        @Override
        List<String> read(FormField field, Posted posted) {
            return super.read(field, posted).stream().map(Letters::line).toList();
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return new Control.Line(
                    "text",
                    new Attributes()
                            .standing(field)
                            .with("maxlength", longest(field, LONGEST))
                            .with("pattern", isRequired(field) ? ".*\\S.*" : "")
                            .with("autocomplete", field.said(Attributes.FILLS))
                            .all(),
                    "");
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            return tooLong(values.get(0), longest(field, LONGEST));
        }
    }

    /** Several lines of words. */
    static final class Lines extends FieldKind {

        private static final Property LONGEST = longest(2_000, 10_000);

        Lines() {
            super("lines", "Several lines", Attributes.STANDS, LONGEST);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return new Control.Area(
                    ROWS,
                    new Attributes()
                            .standing(field)
                            .with("maxlength", longest(field, LONGEST))
                            .all());
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            return tooLong(values.get(0), longest(field, LONGEST));
        }
    }

    /** An address of mail. The first one of a form is where its sender is written to. */
    static final class Email extends FieldKind {

        Email() {
            super(EMAIL, "E-mail address", Attributes.STANDS);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return new Control.Line(
                    "email",
                    new Attributes()
                            .standing(field)
                            .with("maxlength", LONGEST_EMAIL)
                            .with("pattern", FormSettings.EMAIL)
                            .with("autocomplete", "email")
                            .with("inputmode", "email")
                            .all(),
                    "");
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            String text = values.get(0);
            if (text.matches(FormSettings.EMAIL)) {
                return tooLong(text, LONGEST_EMAIL);
            }
            String domain = text.substring(text.indexOf('@') + 1);
            return Optional.of(
                    domain.matches("[a-zA-Z0-9-]{1,63}") && !domain.equals(text)
                            ? Mistake.of(Phrase.FIELD_EMAIL_ENDS, domain)
                            : Mistake.of(Phrase.BAD_EMAIL));
        }
    }

    /** A telephone number, as it is written anywhere. */
    static final class Phone extends FieldKind {

        Phone() {
            super("phone", "Telephone number", Attributes.STANDS);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return new Control.Line(
                    "tel",
                    new Attributes()
                            .standing(field)
                            .with("maxlength", LONGEST_PHONE)
                            .with("pattern", PHONE_PATTERN)
                            .with("autocomplete", "tel")
                            .with("inputmode", "tel")
                            .all(),
                    "");
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            return values.get(0).matches(PHONE_PATTERN)
                    ? Optional.empty()
                    : Optional.of(Mistake.of(Phrase.FIELD_PHONE));
        }
    }
}
