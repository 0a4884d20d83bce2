package venue.core.survey;

import java.util.List;
import java.util.stream.Stream;
import venue.core.edit.ChooseTemplate;
import venue.core.template.Template;

/** Pages whose chosen template has been removed. */
final class TemplateGone extends DeclaredRule {

    TemplateGone() {
        super("template-gone", "Template is gone", Severity.SHOULD_FIX, "The page has fallen back to another layout.");
    }

    @Override
    public Stream<Finding> find(Scope scope) {
        return scope.pages()
                .filter(p -> p.template() != null
                        && scope.edition().find(Template.class, p.template()).isEmpty())
                .map(p -> Finding.of(
                        this,
                        p.id(),
                        "The template chosen for it is not there any more; it wears "
                                + scope.edition().worn(p).template().name() + " now.",
                        new Finding.Mend("Wear what its kind says", new ChooseTemplate(List.of(p.id()), null))));
    }
}
