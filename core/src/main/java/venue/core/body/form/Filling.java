package venue.core.body.form;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Phrase;
import venue.core.model.form.FieldSettings;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.form.FormSettings;

/** A form as it is filled in: what came is held against what it declares. */
public record Filling(Form form, AtHand around) {

    /**
     * One thing that was answered, with the label that the form had then.
     *
     * @param value what was sent, one on each line
     * @param words the same as people read it
     */
    public record Said(String key, String label, String type, String value, String words) {

        /** The files that were sent, where it is of these. */
        public List<SentFile> files() {
            return type.equals(FilesField.KEY)
                    ? value.lines().flatMap(l -> SentFile.read(l).stream()).toList()
                    : List.of();
        }
    }

    /** What came of each field, and what is wrong with some. What is not shown is not looked at. */
    public Mistake.Found check(Posted posted) {
        Map<String, List<String>> values = new LinkedHashMap<>();
        Map<String, Mistake> mistakes = new LinkedHashMap<>();
        for (FormField field : form.fields()) {
            FieldKind kind = FieldKinds.of(field);
            if (!kind.asks() || !isShown(field, values)) {
                continue;
            }
            List<String> read = kind.read(field, posted);
            Optional<Mistake> wrong = read.isEmpty()
                    ? Optional.of(Mistake.of(kind.missing())).filter(m -> kind.isRequired(field))
                    : kind.wrong(field, read, around);
            values.put(field.key(), read);
            wrong.ifPresent(m -> mistakes.put(field.key(), m));
        }
        runsOut(values, mistakes);
        return new Mistake.Found(values, mistakes);
    }

    /** The form as it is shown again for what is wrong: of a long one, the first step in which something is. */
    public Sending refused(Posted posted, Map<String, Mistake> mistakes) {
        Steps steps = Steps.of(form);
        int step = steps.wrong(mistakes, steps.last());
        return step == 0
                ? Sending.refused(form.id(), typed(posted), mistakes)
                : Sending.refused(form.id(), typed(posted), steps.within(step, mistakes))
                        .in(step);
    }

    /** What is shown of a long form on its way, by the button that was pressed; empty where it is sent. */
    public Optional<Sending> onTheWay(Posted posted, Map<String, Mistake> mistakes) {
        Steps steps = Steps.of(form);
        int at = steps.fit(posted.one(FormNames.STEP));
        String go = posted.one(FormNames.GO);
        if (!steps.areSeveral() || at == steps.last() && go.equals(FormNames.GO_OFF)) {
            return Optional.empty();
        }
        int wrong = steps.wrong(mistakes, at);
        if (go.equals(FormNames.GO_BACK) || go.matches("[0-9]+")) {
            int to = go.equals(FormNames.GO_BACK) ? at - 1 : steps.fit(go);
            return Optional.of(Sending.stepped(form.id(), Math.max(1, to), typed(posted)));
        }
        return Optional.of(
                wrong > 0
                        ? Sending.refused(form.id(), typed(posted), steps.within(wrong, mistakes))
                                .in(wrong)
                        : Sending.stepped(form.id(), steps.fit(String.valueOf(at + 1)), typed(posted)));
    }

    /** Whether another field says that it is shown; one that is gone, or is not shown itself, says nothing. */
    private boolean isShown(FormField field, Map<String, List<String>> values) {
        if (!field.dependsOnAnother()) {
            return true;
        }
        Optional<FormField> other = form.field(field.said(FieldSettings.WHEN));
        if (other.isEmpty()) {
            return true;
        }
        List<String> said = values.getOrDefault(other.get().key(), List.of());
        String wanted = field.said(FieldSettings.SAYS);
        return wanted.isEmpty()
                ? !said.isEmpty()
                : said.stream().anyMatch(s -> s.equalsIgnoreCase(wanted))
                        || FieldKinds.of(other.get())
                                .inWords(other.get(), said, around)
                                .equalsIgnoreCase(wanted);
    }

    /** More than are left can't be had where nobody may wait for them. */
    private void runsOut(Map<String, List<String>> values, Map<String, Mistake> mistakes) {
        if (form.is(FormSettings.WAITING)) {
            return;
        }
        PickSettings.counted(form)
                .filter(f -> !mistakes.containsKey(f.key()))
                .ifPresent(field -> offer(field, values)
                        .map(Offer::seats)
                        .filter(s -> !s.takes(people(values)))
                        .ifPresent(s -> mistakes.put(
                                field.key(),
                                s.isFull()
                                        ? Mistake.of(Phrase.FIELD_FULL)
                                        : Mistake.of(Phrase.FIELD_FEWER, String.valueOf(s.left())))));
    }

    private Optional<Offer> offer(FormField field, Map<String, List<String>> values) {
        String id =
                values.getOrDefault(field.key(), List.of()).stream().findFirst().orElse("");
        return around.offers(field).stream().filter(o -> o.id().equals(id)).findFirst();
    }

    /** What was chosen of what runs out; empty where nothing does. */
    public Optional<Offer> chosen(Map<String, List<String>> values) {
        return PickSettings.counted(form).flatMap(f -> offer(f, values)).filter(o -> o.seats() != null);
    }

    /** How many come, as the form says it; one where it says nothing. */
    public int people(Map<String, List<String>> values) {
        String said = values.getOrDefault(form.said(FormSettings.PEOPLE), List.of()).stream()
                .findFirst()
                .orElse("");
        return people(said);
    }

    /** How many come, as somebody said it; one where it says nothing. */
    public static int people(String said) {
        return said.matches("[0-9]{1,6}") ? Math.max(1, Integer.parseInt(said)) : 1;
    }

    /** What was answered, in the order of the form, without what was left out. */
    public List<Said> said(Map<String, List<String>> values) {
        return form.fields().stream()
                .map(f -> said(f, values.getOrDefault(f.key(), List.of())))
                .filter(s -> !s.value().isEmpty())
                .toList();
    }

    private Said said(FormField field, List<String> values) {
        return new Said(
                field.key(),
                field.label(),
                field.type(),
                String.join("\n", values),
                FieldKinds.of(field).inWords(field, values, around));
    }

    /** The names of all controls, with what stands in them: what was sent stays, right or wrong. */
    public Map<String, List<String>> typed(Posted posted) {
        Map<String, List<String>> typed = new HashMap<>();
        form.fields().forEach(f -> typed.putAll(FieldKinds.of(f).typed(f, posted)));
        return typed;
    }

    /** The words by which two sendings are found to be the same. */
    public static String likeness(List<Said> said) {
        return said.stream()
                .map(s -> s.key() + "=" + Letters.folded(s.type().equals(FilesField.KEY) ? s.words() : s.value()))
                .collect(Collectors.joining("\n"));
    }
}
