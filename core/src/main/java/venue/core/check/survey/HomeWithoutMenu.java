package venue.core.check.survey;

import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.HomeEffects;
import venue.core.model.kind.Kind;
import venue.core.model.site.Site;
import venue.core.model.template.Template;

/** A home page in a template that leaves out the header, and the menu with it. */
final class HomeWithoutMenu extends DeclaredRule {

    HomeWithoutMenu() {
        super(
                "home-without-menu",
                "Home page without a menu",
                Severity.SHOULD_FIX,
                "Whoever comes to the site's address finds no way on but what the page itself says.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p -> scope.edition().home().filter(p::equals).isPresent())
                .flatMap(p ->
                        HomeEffects.menuless(scope.edition(), p).stream().map(says -> Finding.of(this, p.id(), says)));
    }

    @Override
    public Set<Class<? extends Item>> readsEverywhere() {
        return Set.of(Site.class, Kind.class, Template.class);
    }
}
