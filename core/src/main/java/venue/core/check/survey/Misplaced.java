package venue.core.check.survey;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Places;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.model.template.Template;

/** Pages that stand where the rules of placement don't allow them. */
final class Misplaced extends DeclaredRule {

    Misplaced() {
        super(
                "misplaced",
                "Page against the rules of placement",
                Severity.NOTE,
                "A manager put it there on purpose, or the rules were changed since.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item).flatMap(p -> finding(scope, p).stream());
    }

    @Override
    public Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Site.class, Kind.class, Template.class);
    }

    private Optional<Finding> finding(Scope scope, Page page) {
        Optional<Kind> kind = scope.edition().kindOf(page);
        return kind.flatMap(k -> Places.whyNot(scope.edition(), k, page.parent()))
                .map(
                        why -> Finding.of(
                                this,
                                page.id(),
                                kind.get().pages() + " " + why
                                        + ". Move it, or change the rule: of its kind, of the page above it, or of the top in Site settings."));
    }
}
