package venue.core.check.survey;

import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.model.kind.Kind;
import venue.core.show.render.Head;

/** Pages that search engines may index and that say nothing of themselves. */
final class MissingDescription extends DeclaredRule {

    MissingDescription() {
        super(
                "missing-description",
                "No search description",
                Severity.NOTE,
                "Search engines will pick words of their own.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p ->
                        !p.isKeptOut() && Head.description(scope.edition(), p).isBlank())
                .map(p -> Finding.of(this, p.id(), "Has neither search description nor summary."));
    }

    @Override
    public Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Kind.class);
    }
}
