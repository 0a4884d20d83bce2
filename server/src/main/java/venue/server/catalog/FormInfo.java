package venue.server.catalog;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.ReadyForms;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;

/**
 * A form, as it can be chosen.
 *
 * @param note what it asks for, in a line
 */
public record FormInfo(String id, String name, String note, boolean retired) {

    private static final int SOME = 4;

    static List<FormInfo> all(Edition edition) {
        return edition.all(Form.class)
                .sorted(Comparator.comparing(Form::name))
                .map(FormInfo::of)
                .toList();
    }

    static List<FormInfo> ready() {
        return ReadyForms.all().stream().map(FormInfo::of).toList();
    }

    private static FormInfo of(Form form) {
        String asks = form.fields().stream()
                .filter(f -> FieldKinds.of(f).asks())
                .map(f -> f.label())
                .limit(SOME)
                .collect(Collectors.joining(" · "));
        return new FormInfo(form.id(), form.name(), asks, form.retired());
    }
}
