package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.redirect.RedirectCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.redirect.Redirect;

/** Pages at whose address somebody leads visitors elsewhere: the page answers, the redirect never does. */
final class RedirectShadowed extends DeclaredRule {

    RedirectShadowed() {
        super(
                "redirect-shadowed",
                "Redirect that a page stands before",
                Severity.SHOULD_FIX,
                "Whoever made it meant visitors to be led elsewhere, and they are not.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        Edition edition = scope.edition();
        return scope.page(item)
                .flatMap(p -> edition.redirectFrom(edition.plan().address(p.id())).stream()
                        .map(r -> Finding.of(
                                this,
                                p.id(),
                                "The redirect from " + r.from() + " can never answer: this page stands there.",
                                new Finding.Mend("Take the redirect away", RedirectCommand.endLeading(r.from())))));
    }

    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.of(before, after)
                .map(Scope::edition)
                .flatMap(
                        e -> e.find(Redirect.class, changed).stream().flatMap(r -> e.plan().pageAt(r.from()).stream()));
    }
}
