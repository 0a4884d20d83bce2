package venue.core.body.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;

/**
 * The steps of a form. One that has several is filled in one after the other, and looked over after the last.
 *
 * @param all at least one; what stands before the first that has a title is one without
 */
public record Steps(List<Step> all) {

    /** One of them. */
    public record Step(String title, List<FormField> fields) {
        boolean has(String key) {
            return fields.stream().anyMatch(f -> f.key().equals(key));
        }
    }

    public static Steps of(Form form) {
        List<Step> all = new ArrayList<>();
        String title = "";
        List<FormField> fields = new ArrayList<>();
        for (FormField field : form.fields()) {
            if (!begins(field)) {
                fields.add(field);
                continue;
            }
            if (!fields.isEmpty()) {
                all.add(new Step(title, List.copyOf(fields)));
                fields.clear();
            }
            title = field.label();
        }
        if (!fields.isEmpty() || all.isEmpty()) {
            all.add(new Step(title, List.copyOf(fields)));
        }
        return new Steps(List.copyOf(all));
    }

    /** Whether a step begins with it. */
    public static boolean begins(FormField field) {
        return field.type().equals(StepField.KEY);
    }

    public boolean areSeveral() {
        return all.size() > 1;
    }

    /** The number of the one in which all is looked over. */
    public int last() {
        return all.size() + 1;
    }

    /** A number that came, as one of those that there are. */
    public int fit(String number) {
        return number.matches("[0-9]{1,3}") ? Math.max(1, Math.min(last(), Integer.parseInt(number))) : 1;
    }

    /** The first in which something is wrong, as far as one; 0 for none. */
    public int wrong(Map<String, Mistake> mistakes, int upTo) {
        for (int i = 0; i < Math.min(upTo, all.size()); i++) {
            if (mistakes.keySet().stream().anyMatch(all.get(i)::has)) {
                return i + 1;
            }
        }
        return 0;
    }

    /** What is wrong in one of them. */
    public Map<String, Mistake> within(int step, Map<String, Mistake> mistakes) {
        Map<String, Mistake> within = new java.util.LinkedHashMap<>(mistakes);
        within.keySet().removeIf(key -> !all.get(step - 1).has(key));
        return within;
    }
}
