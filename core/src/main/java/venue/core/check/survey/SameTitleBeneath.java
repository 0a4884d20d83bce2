package venue.core.check.survey;

import java.util.Objects;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.model.page.Page;

/** Pages of one title beneath one page. */
final class SameTitleBeneath extends DeclaredRule {

    /** With so many of its title a page is compared. */
    private static final int MOST = 50;

    SameTitleBeneath() {
        super(
                "same-title",
                "Two pages of one title in one place",
                Severity.SHOULD_FIX,
                "In menus and lists nobody can tell them apart.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(page -> SearchTitles.titleOf(scope.edition(), page).stream()
                        .flatMap(title -> among(scope, title))
                        .filter(other -> !other.equals(page.id()))
                        .flatMap(other -> scope.edition().page(other).stream())
                        .anyMatch(other -> isLike(page, other)))
                .map(page -> Finding.of(
                        this, page.id(), "Another page beneath the same one is called “" + page.title() + "”, too."));
    }

    private static boolean isLike(Page page, Page other) {
        return Objects.equals(page.parent(), other.parent()) && page.title().equalsIgnoreCase(other.title());
    }

    /** Those that others of the title are compared with. */
    private static Stream<String> among(Scope scope, String title) {
        return scope.titles().ids(title).stream().limit(MOST);
    }

    /** The others of its title, where it is one of those that they are compared with. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.of(before, after)
                .flatMap(at -> at.edition().page(changed).stream()
                        .flatMap(page -> SearchTitles.titleOf(at.edition(), page).stream()))
                .distinct()
                .filter(title ->
                        Stream.of(before, after).anyMatch(at -> among(at, title).anyMatch(changed::equals)))
                .flatMap(title -> Stream.of(before, after).flatMap(at -> at.titles().ids(title).stream()))
                .distinct();
    }
}
