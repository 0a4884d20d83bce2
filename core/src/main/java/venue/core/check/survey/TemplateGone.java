package venue.core.check.survey;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.change.edit.page.PageCommand;
import venue.core.model.kind.Kind;
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
    public boolean isReadEverywhere(@Nullable Item before, @Nullable Item after) {
        return super.isReadEverywhere(before, after)
                || Stream.of(Kind.class, Template.class).anyMatch(t -> t.isInstance(before) || t.isInstance(after));
    }
}
