package venue.core.check.survey;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;

/** Pages without something that their kind asks for. */
final class FieldMissing extends DeclaredRule {

    FieldMissing() {
        super(
                "field-missing",
                "Something asked for is not given",
                Severity.SHOULD_FIX,
                "Listings and sections that show it have nothing to show.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item).flatMap(p -> finding(scope, p));
    }

    @Override
    public Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Kind.class);
    }

    private Stream<Finding> finding(Scope scope, Page page) {
        List<String> missing = scope.edition().kindOf(page).map(Kind::fields).orElse(List.of()).stream()
                .filter(Property::required)
                .filter(f -> !isGiven(scope, page, f))
                .map(f -> "“" + f.label() + "”")
                .toList();
        return missing.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.of(
                        this,
                        page.id(),
                        "Its form asks for " + String.join(", ", missing) + "; nothing is given yet."));
    }

    private static boolean isGiven(Scope scope, Page page, Property field) {
        Value value = scope.edition().field(page, field.key()).orElse(null);
        return !(value == null
                || value instanceof Value.ToFill
                || value instanceof Value.Text text && text.text().isBlank()
                || value instanceof Value.Many many && many.groups().isEmpty());
    }
}
