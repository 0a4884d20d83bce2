package venue.core.sort;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.PickSettings;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.form.FormSettings;

/** Forms. What visitors answered is carried nowhere with them. */
final class FormSort extends Sort<Form> {

    FormSort() {
        super(Form.class);
    }

    @Override
    Optional<Item> anew(Form form, String id, Walk walk) {
        List<FormField> fields = form.fields().stream()
                .map(f -> new FormField(
                        f.key(),
                        f.label(),
                        f.type(),
                        f.group(),
                        walk.needed(FieldKinds.of(f).settings(), f.settings())))
                .toList();
        return Optional.of(
                new Form(id, form.name(), fields, walk.needed(FormSettings.all(), form.settings()), form.retired()));
    }

    @Override
    Optional<Item> called(Form form, String name) {
        return Optional.of(form.called(name));
    }

    @Override
    Item checked(Form form, WholeCheck check) {
        return FieldKinds.check(form);
    }

    @Override
    int longestName() {
        return Form.LONGEST_NAME;
    }

    @Override
    String note(Form form) {
        return Words.count(
                form.fields().stream().filter(f -> FieldKinds.of(f).asks()).count(), "field");
    }

    @Override
    ReachedPages reach(Form form, Edition edition) {
        return ReachedPages.listed(FormUse.pages(edition, form.id()));
    }

    @Override
    Stream<String> needs(Form form, Between between) {
        return between.missing(Stream.concat(
                form.fields().stream().flatMap(f -> PickSettings.kind(f).stream()), form.nextPage().stream()));
    }

    @Override
    List<String> tells(@Nullable Form live, Form working, Between between) {
        if (live == null) {
            return List.of("New");
        }
        List<String> says = new ArrayList<>();
        if (!live.name().equals(working.name())) {
            says.add("Renamed from “" + live.name() + "”");
        }
        if (live.retired() != working.retired()) {
            says.add(working.retired() ? "Takes no more answers" : "Takes answers again");
        }
        working.fields().stream()
                .filter(f -> live.field(f.key()).isEmpty())
                .forEach(f -> says.add("Asks for “" + f.label() + "”"));
        live.fields().stream()
                .filter(f -> working.field(f.key()).isEmpty())
                .forEach(f -> says.add("Does not ask for “" + f.label() + "” any more"));
        return says.isEmpty() ? List.of("Changed") : says;
    }
}
