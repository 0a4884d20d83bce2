package venue.core.check.survey;

import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.page.Page;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.site.Site;
import venue.core.model.site.SiteIdentity;

/** What the site says on every page and leads to a page that is gone, or taken off the site. */
final class SaidNowhere extends DeclaredRule {

    SaidNowhere() {
        super(
                "said-nowhere",
                "Call to act or notice to nowhere",
                Severity.MUST_FIX,
                "The button is left out for visitors, or the notice leads nowhere; its page is not on the site.");
    }

    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.of(Site.ID);
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.edition().find(Site.class, item.id()).stream()
                .flatMap(site -> SiteIdentity.all().stream()
                        .flatMap(said -> Optional.ofNullable(site.facts().get(said.key())).stream()
                                .flatMap(value -> of(scope, said, value))));
    }

    private Stream<Finding> of(Scope scope, Property said, Value value) {
        Stream.Builder<String> pages = Stream.builder();
        Naming.each(said, value, (property, text) -> {
            if (property.type() == PropertyType.LINK) {
                Link.find(text).flatMap(Link::pageId).ifPresent(pages);
            }
        });
        return pages.build()
                .distinct()
                .filter(id -> !scope.isDraft().test(id) && !scope.shows(id))
                .map(id -> finding(scope, said, value, id));
    }

    private Finding finding(Scope scope, Property said, Value value, String id) {
        Optional<Page> page = scope.edition().page(id);
        Value without = Naming.mapped(
                        said,
                        value,
                        (property, text) -> Link.find(text)
                                        .flatMap(Link::pageId)
                                        .filter(id::equals)
                                        .isPresent()
                                ? Optional.empty()
                                : Optional.of(Value.of(text)))
                .orElse(null);
        return Finding.of(
                this,
                page.isPresent() ? id : scope.edition().theme().id(),
                (said.key().equals("notices") ? "A notice leads to “" : "The call to act leads to “")
                        + page.map(Page::title).orElse("a page that is not there any more")
                        + "”.",
                new Finding.Mend("Take the link out", ValueCommand.setValue(Site.ID, null, null, said.key(), without)));
    }
}
