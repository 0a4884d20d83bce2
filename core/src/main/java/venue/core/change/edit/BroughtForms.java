package venue.core.change.edit;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.body.form.ReadyForms;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.section.SharedSection;

/** Ready-made forms that a change shows for the first time: they are made with it, and taken back with it. */
final class BroughtForms {

    private BroughtForms() {}

    /** The change with the forms that it needs; the same one where it needs none. */
    static Change within(Edition after, Change change) {
        Map<String, Form> brought = new LinkedHashMap<>();
        change.put().stream()
                .flatMap(item -> shown(after, item.id()))
                .filter(id -> after.find(id).isEmpty())
                .forEach(id -> ReadyForms.find(id)
                        .ifPresent(form -> brought.putIfAbsent(id, form.called(free(after, form.name())))));
        return brought.isEmpty()
                ? change
                : new Change(
                        change.name(),
                        Stream.concat(change.put().stream(), brought.values().stream())
                                .toList(),
                        change.removed());
    }

    /** What shows to visitors: what waits in templates and patterns is made when it is placed. */
    private static Stream<String> shown(Edition after, String id) {
        return after
                .page(id)
                .map(p -> after.facts(p))
                .or(() -> after.find(SharedSection.class, id).map(after::facts))
                .stream()
                .flatMap(f -> f.shows().forms().stream());
    }

    private static String free(Edition after, String name) {
        String free = name;
        for (int i = 2; isTaken(after, free); i++) {
            free = name + " " + i;
        }
        return free;
    }

    private static boolean isTaken(Edition after, String name) {
        return after.all(Form.class).anyMatch(f -> f.name().equalsIgnoreCase(name));
    }
}
