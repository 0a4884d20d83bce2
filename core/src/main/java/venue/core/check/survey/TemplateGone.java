package venue.core.check.survey;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.page.PageCommand;
import venue.core.model.kind.Kind;
import venue.core.model.site.Site;
import venue.core.model.template.Template;

/** Pages whose chosen template has been removed. */
final class TemplateGone extends DeclaredRule {

    TemplateGone() {
        super("template-gone", "Template is gone", Severity.SHOULD_FIX, "The page has fallen back to another layout.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p -> p.template() != null
                        && scope.edition().find(Template.class, p.template()).isEmpty())
                .map(p -> Finding.of(
                        this,
                        p.id(),
                        "The template chosen for it is not there any more; it wears "
                                + scope.edition().worn(p).template().name() + " now.",
                        new Finding.Mend(
                                "Wear what its kind says", PageCommand.chooseTemplate(List.of(p.id()), null))));
    }

    @Override
    public Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Site.class, Kind.class, Template.class);
    }
}
