package venue.core.check.survey;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.page.PageCommand;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.model.template.Template;

/** Pages that wear a template that their kind doesn't. */
final class TemplateUnfit extends DeclaredRule {

    TemplateUnfit() {
        super(
                "template-unfit",
                "Template that its kind doesn’t wear",
                Severity.SHOULD_FIX,
                "It looks unlike all others of its kind, and may have no place for what they show.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p -> p.template() != null
                        && scope.edition().find(Template.class, p.template()).isPresent())
                .flatMap(p -> scope.edition().kindOf(p).stream()
                        .filter(kind -> !kind.mayWear(p.template()))
                        .map(kind -> finding(scope, p, kind)));
    }

    private Finding finding(Scope scope, Page page, Kind kind) {
        String worn = scope.edition().worn(page).template().name();
        return Finding.of(
                this,
                page.id(),
                "Wears " + worn + ", which is none of those that " + kind.pages() + " wear.",
                new Finding.Mend("Wear what its kind says", PageCommand.chooseTemplate(List.of(page.id()), null)));
    }

    @Override
    public Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Site.class, Kind.class, Template.class);
    }
}
