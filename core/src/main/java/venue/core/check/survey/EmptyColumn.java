package venue.core.check.survey;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Sides;
import venue.core.model.kind.Kind;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.template.Template;

/** Pages that should have a column beside their content, in which nothing stands. */
final class EmptyColumn extends DeclaredRule {

    EmptyColumn() {
        super(
                "empty-column",
                "Empty column",
                Severity.NOTE,
                "The page is shown without it, and unlike the others of its kind.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p -> !Sides.unseen(scope.edition(), p).empty().isEmpty())
                .map(p -> Finding.of(
                        this,
                        p.id(),
                        "Should have a column beside its content, and nothing stands in it.",
                        new Finding.Mend(
                                "Do without a column",
                                ValueCommand.setValue(p.id(), null, null, Sides.KEY, Value.of("none")))));
    }

    @Override
    public Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Site.class, Kind.class, Template.class);
    }

    /** A section of every page that stands in a column may come to fill it. */
    @Override
    public boolean isReadEverywhere(@Nullable Item before, @Nullable Item after) {
        return super.isReadEverywhere(before, after) || !settings(before).equals(settings(after));
    }

    private static Map<String, Value> settings(@Nullable Item item) {
        return Optional.ofNullable(item)
                .filter(SharedSection.class::isInstance)
                .map(SharedSection.class::cast)
                .map(s -> s.section().settings())
                .orElse(Map.of());
    }
}
