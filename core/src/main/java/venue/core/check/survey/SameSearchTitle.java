package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

/** Search titles that stand on more than one page. */
final class SameSearchTitle extends DeclaredRule {

    SameSearchTitle() {
        super(
                "same-search-title",
                "Two pages, one search title",
                Severity.SHOULD_FIX,
                "People searching can't tell them apart.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .flatMap(page -> SearchTitles.titleOf(scope.edition(), page).stream()
                        .flatMap(title -> scope.titles().first(title).stream())
                        .filter(other -> !other.equals(page.id()))
                        .limit(1)
                        .map(other -> finding(scope, page, scope.edition().require(Page.class, other))));
    }

    /** The others of its title, where it is one of those that they are told about. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.of(before, after)
                .flatMap(at -> at.edition().page(changed).stream()
                        .flatMap(page -> SearchTitles.titleOf(at.edition(), page).stream()))
                .distinct()
                .filter(title -> Stream.of(before, after)
                        .anyMatch(at -> at.titles().first(title).contains(changed)))
                .flatMap(title -> after.titles().ids(title).stream());
    }

    private Finding finding(Scope scope, Page page, Page other) {
        Site site = scope.edition().site();
        String says = "Its search title is also that of “" + other.title() + "”.";
        if (Values.text(page.settings(), "searchTitle").isEmpty()) {
            return Finding.of(this, page.id(), says);
        }
        String plain = page.title() + " · " + site.name();
        return Finding.of(
                this,
                page.id(),
                says,
                new Finding.Mend(
                        "Write “" + plain + "”",
                        ValueCommand.setValue(page.id(), null, null, "searchTitle", Value.of(plain))));
    }
}
