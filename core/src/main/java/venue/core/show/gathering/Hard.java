package venue.core.show.gathering;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import venue.core.basics.value.Value;
import venue.core.body.listing.Listed;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;

/** What a listing is tried on before a layout is chosen: its own content, or that made harder. Nothing of it is kept. */
public enum Hard {
    /** Its own content. */
    AS_IT_IS,
    NONE,
    ONE,
    FEW,
    MANY,
    /** The longest title and summary that the site has, on every entry. */
    LONGEST,
    /** No entry has a picture. */
    BARE;

    private static final int FEW_ARE = 3;
    private static final int MANY_ARE = 24;

    /** What is shown instead of what was listed. */
    public Listed made(Edition edition, Listed listed) {
        List<Page> pages = listed.pages();
        return switch (this) {
            case AS_IT_IS -> listed;
            case NONE -> with(listed, List.of());
            case ONE -> with(listed, so(1, pages));
            case FEW -> with(listed, so(FEW_ARE, pages));
            case MANY -> with(listed, so(Math.max(MANY_ARE, pages.size()), pages));
            case LONGEST -> with(listed, longest(edition, pages));
            case BARE ->
                with(
                        listed,
                        pages.stream()
                                .map(p -> p.withField(UsualFields.PICTURE, Value.of("")))
                                .toList());
        };
    }

    /** So many, the same again where there are fewer. */
    private static List<Page> so(int many, List<Page> pages) {
        return pages.isEmpty()
                ? pages
                : IntStream.range(0, many)
                        .mapToObj(i -> pages.get(i % pages.size()))
                        .toList();
    }

    private static List<Page> longest(Edition edition, List<Page> pages) {
        Comparator<String> byLength = Comparator.comparing(String::length);
        String title = edition.all(Page.class).map(Page::title).max(byLength).orElse("");
        String summary = edition.all(Page.class)
                .map(p -> edition.words(p, UsualFields.SUMMARY))
                .max(byLength)
                .orElse("");
        return pages.stream()
                .map(p -> p.withTitle(title).withField(UsualFields.SUMMARY, Value.of(summary)))
                .toList();
    }

    private static Listed with(Listed listed, List<Page> pages) {
        return new Listed(
                listed.name(),
                pages,
                new Listed.Portion(pages.size(), 1, 1),
                listed.chosen(),
                listed.offers(),
                pages.isEmpty() ? "There is none" : "");
    }
}
