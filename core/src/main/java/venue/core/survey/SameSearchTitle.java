package venue.core.survey;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.edit.SetValue;
import venue.core.page.Page;
import venue.core.render.Head;
import venue.core.site.Site;
import venue.core.value.Value;
import venue.core.value.Values;

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
    public Stream<Finding> find(Scope scope) {
        Site site = scope.edition().site();
        Map<String, List<Page>> byTitle = scope.pages()
                .filter(p -> !p.isKeptOut())
                .collect(Collectors.groupingBy(p ->
                        Head.searchTitle(site, p, scope.edition().isHome(p)).toLowerCase(Locale.ROOT)));
        return byTitle.values().stream()
                .filter(pages -> pages.size() > 1)
                .flatMap(pages -> pages.stream().map(p -> finding(site, p, other(pages, p))));
    }

    private static Page other(List<Page> pages, Page page) {
        return pages.get(0).equals(page) ? pages.get(1) : pages.get(0);
    }

    private Finding finding(Site site, Page page, Page other) {
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
                        "Write “" + plain + "”", new SetValue(page.id(), null, null, "searchTitle", Value.of(plain))));
    }
}
