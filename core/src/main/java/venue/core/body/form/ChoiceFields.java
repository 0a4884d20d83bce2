package venue.core.body.form;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.form.FormField;
import venue.core.model.property.Choice;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** Fields in which one or several of some are chosen. What is sent are the words of what is chosen. */
final class ChoiceFields {

    private static final Property CHOICES = many(
            "choices",
            "To choose from",
            of("words", "Words", PropertyType.WORDS).longest(120),
            of("picture", "Picture", PropertyType.PICTURE));
    private static final Property ONE_LAYOUT = choice(
            "layout",
            "They stand",
            "rows=One beneath the other",
            "line=Side by side",
            "cards=As cards with pictures",
            "menu=In a list that unrolls");
    private static final Property SEVERAL_LAYOUT = choice(
            "layout", "They stand", "rows=One beneath the other", "line=Side by side", "cards=As cards with pictures");

    private ChoiceFields() {}

    private static Stream<Map<String, Value>> groups(FormField field) {
        return field.held(CHOICES).orElse(null) instanceof Value.Many many ? many.groups().stream() : Stream.of();
    }

    static List<String> offered(FormField field) {
        return groups(field)
                .map(g -> Values.text(g, "words").strip())
                .filter(w -> !w.isEmpty())
                .distinct()
                .toList();
    }

    private static Control control(FormField field, boolean several, Property layout) {
        Map<String, String> pictures = new HashMap<>();
        groups(field).forEach(g -> {
            String picture = Values.text(g, "picture");
            if (!picture.isEmpty()) {
                pictures.put(Values.text(g, "words").strip(), picture);
            }
        });
        return new Control.Choices(
                offered(field).stream().map(w -> new Choice(w, w)).toList(),
                several,
                field.said(layout),
                Map.copyOf(pictures));
    }

    /** One of some. */
    static final class One extends FieldKind {

        One() {
            super("one", "One of several", CHOICES, ONE_LAYOUT);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return ChoiceFields.control(field, false, ONE_LAYOUT);
        }

        @Override
        Phrase missing() {
            return Phrase.FIELD_CHOOSE;
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            return offered(field).contains(values.get(0))
                    ? Optional.empty()
                    : Optional.of(Mistake.of(Phrase.FIELD_GONE));
        }
    }

    /** Several of some. */
    static final class Several extends FieldKind {

        private static final Property MOST = number("most", "At most", 1, 100, 100, "of them");

        Several() {
            super("several", "Several of some", CHOICES, SEVERAL_LAYOUT, MOST);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return ChoiceFields.control(field, true, SEVERAL_LAYOUT);
        }

        @Override
        Phrase missing() {
            return Phrase.FIELD_CHOOSE;
        }

        @Override
        List<String> read(FormField field, Posted posted) {
            return posted.all(field.key()).stream().distinct().limit(500).toList();
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            if (!offered(field).containsAll(values)) {
                return Optional.of(Mistake.of(Phrase.FIELD_GONE));
            }
            int most = Integer.parseInt(field.said(MOST));
            return values.size() > most
                    ? Optional.of(Mistake.of(Phrase.FIELD_MOST, String.valueOf(most)))
                    : Optional.empty();
        }
    }

    /** Pages of a kind, or its entries: which night, which room. What is sent is its id. */
    static final class Pick extends FieldKind {

        Pick() {
            super(PickSettings.PICK, "One of our pages or entries", PickSettings.KIND, PickSettings.TO_COME);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return new Control.Offers(around.offers(field));
        }

        @Override
        Phrase missing() {
            return Phrase.FIELD_CHOOSE;
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            return around.offers(field).stream().anyMatch(o -> !o.closed() && o.id().equals(values.get(0)))
                    ? Optional.empty()
                    : Optional.of(Mistake.of(Phrase.FIELD_GONE));
        }

        @Override
        public String inWords(FormField field, List<String> values, AtHand around) {
            return values.isEmpty()
                    ? ""
                    : around.offers(field).stream()
                            .filter(o -> o.id().equals(values.get(0)))
                            .map(Offer::words)
                            .findFirst()
                            .orElse("");
        }
    }
}
