package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

/** A site whose first page is not there, not shown, or kept out of search. */
final class HomeMissing extends DeclaredRule {

    HomeMissing() {
        super(
                "home-missing",
                "Home page missing or hidden",
                Severity.MUST_FIX,
                "Who comes to the site’s own address finds nothing, or isn’t led there by a search engine.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.edition().find(Site.class, item.id()).stream().flatMap(site -> of(scope.edition()));
    }

    /** The home page, whichever it is. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.of(Site.ID);
    }

    private Stream<Finding> of(Edition edition) {
        if (edition.home().isEmpty()) {
            return Stream.of(Finding.of(this, Site.ID, "No page answers at /.", instead(edition)));
        }
        Page home = edition.home().get();
        if (!edition.plan().isShown(home.id())) {
            return Stream.of(Finding.of(
                    this,
                    home.id(),
                    "Is the home page, and taken off the site.",
                    new Finding.Mend("Put it back on the site", PageCommand.withdrawPage(home.id(), false))));
        }
        return home.isKeptOut()
                ? Stream.of(Finding.of(
                        this,
                        home.id(),
                        "Is the home page, and kept out of search engines.",
                        new Finding.Mend(
                                "Let search engines have it",
                                ValueCommand.setValue(home.id(), null, null, "keepOut", null))))
                : Stream.empty();
    }

    private static Finding.Mend[] instead(Edition edition) {
        return edition.plan().beneath(null).stream()
                .filter(edition.plan()::isShown)
                .limit(1)
                .flatMap(id -> edition.page(id).stream())
                .map(p -> new Finding.Mend("Make “" + p.title() + "” the home page", PageCommand.makeHome(p.id())))
                .toArray(Finding.Mend[]::new);
    }
}
