package venue.core.body.form;

import static venue.core.model.property.Property.of;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Phrase;
import venue.core.body.basket.Basket;
import venue.core.body.basket.Basket.Line;
import venue.core.body.basket.Ware;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** What was taken along: a form with it is where a basket is looked over and ordered. What is sent says what each cost when it was shown. */
public final class BasketField extends FieldKind {

    /** What the button says that only works out the sum. */
    public static final String COUNT = "count";

    /** What a button says that takes a line out; the id of what it holds follows. */
    public static final String OUT = "out ";

    static final String KEY = "basket";

    /** The kind of which something is suggested where nothing was taken along yet. */
    public static final Property SUGGESTS = of("suggests", "When it is empty, suggest of the kind", PropertyType.KIND);

    public static final Property NOTES = of("notes", "A note to each", PropertyType.YES_NO);
    private static final int SAMPLES = 2;

    BasketField() {
        super(KEY, "What was taken along", SUGGESTS, NOTES);
    }

    /** The field of a form in which a basket is ordered. */
    public static Optional<FormField> in(Form form) {
        return form.fields().stream().filter(f -> f.type().equals(KEY)).findFirst();
    }

    /** The name under which the number of a line is sent. */
    public static String amount(FormField field) {
        return field.key() + ".amount";
    }

    /** The name under which the note of a line is sent. */
    public static String note(FormField field) {
        return field.key() + ".note";
    }

    @Override
    boolean mayBeLeftOut() {
        return false;
    }

    @Override
    Phrase missing() {
        return Phrase.BASKET_EMPTY;
    }

    @Override
    public Control control(FormField field, AtHand around) {
        return new Control.Taken();
    }

    /** What was sent of a basket; lines of which none is wanted are left out. */
    public static Basket sent(FormField field, Posted posted) {
        List<String> shown = posted.values().getOrDefault(field.key(), List.of());
        List<String> amounts = posted.values().getOrDefault(amount(field), List.of());
        List<String> notes = posted.values().getOrDefault(note(field), List.of());
        String go = posted.one(FormNames.GO);
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < shown.size(); i++) {
            String amount = i < amounts.size() ? amounts.get(i).strip() : "";
            Optional<String> note = i < notes.size() ? Optional.of(Letters.clean(notes.get(i))) : Optional.empty();
            Line.read(Letters.clean(shown.get(i)))
                    .map(l -> amount.matches("[0-9]{1,4}") ? l.of(Integer.parseInt(amount)) : l)
                    .map(l -> note.map(l::noting).orElse(l))
                    .filter(l -> l.amount() > 0 && !go.equals(OUT + l.id()))
                    .ifPresent(lines::add);
        }
        return new Basket(lines);
    }

    /** A basket as it stands in the field. */
    public static Map<String, List<String>> typed(FormField field, Basket basket) {
        return Map.of(field.key(), texts(basket));
    }

    private static List<String> texts(Basket basket) {
        return basket.lines().stream().map(Line::text).toList();
    }

    /** The basket that stands in a field, or was sent in it. */
    public static Basket basket(List<String> texts) {
        return new Basket(texts.stream().flatMap(t -> Line.read(t).stream()).toList());
    }

    /** What stands in a form, to show how it looks: a basket with the first things that there are. Nothing where it has none. */
    public static Map<String, List<String>> sample(Form form, AtHand around) {
        Basket basket = Basket.EMPTY;
        for (Ware ware : around.wares("", SAMPLES)) {
            basket = basket.with(ware);
        }
        Basket some = basket;
        return in(form).map(field -> typed(field, some)).orElse(Map.of());
    }

    @Override
    Map<String, List<String>> typed(FormField field, Posted posted) {
        return typed(field, sent(field, posted));
    }

    @Override
    List<String> read(FormField field, Posted posted) {
        return texts(sent(field, posted));
    }

    @Override
    Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
        return basket(values).lines().stream()
                .flatMap(l -> wrong(l, around).stream())
                .findFirst();
    }

    private static Optional<Mistake> wrong(Line line, AtHand around) {
        Ware ware = around.ware(line.id()).filter(w -> !w.isSoldOut()).orElse(null);
        if (ware == null) {
            return Optional.of(Mistake.of(Phrase.BASKET_GONE));
        }
        String title = ware.page().title();
        if (!ware.price().equals(line.price())) {
            return Optional.of(
                    Mistake.of(Phrase.BASKET_PRICE, title, ware.price().in(around.locale())));
        }
        if (line.amount() > ware.most()) {
            return Optional.of(Mistake.of(
                    ware.left() == null ? Phrase.BASKET_MOST : Phrase.BASKET_LEFT, title, String.valueOf(ware.most())));
        }
        return Optional.empty();
    }

    /** What it came to, and each line as it was. */
    @Override
    public String inWords(FormField field, List<String> values, AtHand around) {
        Basket basket = basket(values);
        String lines = basket.lines().stream().map(l -> words(l, around)).collect(Collectors.joining("\n"));
        String language = around.locale().getLanguage();
        return lines.isEmpty() ? "" : Phrase.BASKET_SUM.in(language) + ": " + sum(basket, around) + "\n" + lines;
    }

    private static String words(Line line, AtHand around) {
        String title = around.ware(line.id()).map(w -> w.page().title()).orElse(line.id());
        String words = line.amount() + " × " + title + ", " + line.price().in(around.locale()) + " = "
                + line.sum().in(around.locale());
        return line.note().isEmpty() ? words : words + " (" + line.note() + ")";
    }

    private static String sum(Basket basket, AtHand around) {
        return basket.sums().stream().map(m -> m.in(around.locale())).collect(Collectors.joining(" + "));
    }
}
