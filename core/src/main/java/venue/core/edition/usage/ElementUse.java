package venue.core.edition.usage;

import java.util.stream.Stream;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Everywhere;
import venue.core.model.page.Page;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;

/** Which elements stand on a page. */
public final class ElementUse {

    private ElementUse() {}

    /** Those of a kind: in the page's own sections, in shared ones, fixed by its template, on every page. */
    public static Stream<Element> on(Edition edition, Page page, String kind) {
        return sections(edition, page)
                .map(edition::shown)
                .flatMap(Section::elements)
                .filter(e -> e.kind().equals(kind));
    }

    private static Stream<Section> sections(Edition edition, Page page) {
        Stream<Section> fixed = edition.worn(page).template().zones().stream().flatMap(z -> z.fixed().stream());
        Stream<Section> everywhere = edition.site().foot().stream()
                .flatMap(id -> edition.find(SharedSection.class, id).stream())
                .map(SharedSection::section)
                .filter(s -> Everywhere.shows(edition, page, s));
        return Stream.of(page.zones().all(), fixed, everywhere).flatMap(s -> s);
    }
}
