package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Values;
import venue.core.model.page.Page;

/** Search texts that somebody wrote, and that search engines cut or that say hardly anything. */
final class SearchTextLength extends DeclaredRule {

    private static final int LONG_TITLE = 60;
    private static final int SHORT_TITLE = 4;
    private static final int LONG_DESCRIPTION = 160;
    private static final int SHORT_DESCRIPTION = 40;

    SearchTextLength() {
        super(
                "search-text-length",
                "Search text too long or too short",
                Severity.NOTE,
                "Search engines cut a title after about 60 letters and a description after about 160.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p -> !p.isKeptOut())
                .flatMap(p -> Stream.concat(
                        of(p, "title", Values.text(p.settings(), "searchTitle"), SHORT_TITLE, LONG_TITLE),
                        of(
                                p,
                                "description",
                                Values.text(p.settings(), "searchDescription"),
                                SHORT_DESCRIPTION,
                                LONG_DESCRIPTION)));
    }

    private Stream<Finding> of(Page page, String what, String said, int fewest, int most) {
        int letters = said.strip().codePointCount(0, said.strip().length());
        return letters == 0 || letters >= fewest && letters <= most
                ? Stream.empty()
                : Stream.of(Finding.of(
                        this,
                        page.id(),
                        "Its search " + what + " has " + letters + " letters: "
                                + (letters > most ? most + " are shown." : "say more, in " + fewest + " at least.")));
    }
}
