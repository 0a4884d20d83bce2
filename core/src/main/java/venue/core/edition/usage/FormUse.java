package venue.core.edition.usage;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Everywhere;
import venue.core.edition.edition.PageFacts;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;

/** Where a form stands. */
public final class FormUse {

    private FormUse() {}

    /** The pages on which it can be filled in. */
    public static List<String> pages(Edition edition, String form) {
        return placed(edition, form).map(Page::id).sorted().toList();
    }

    /** Whether it can be filled in anywhere. */
    public static boolean isPlaced(Edition edition, String form) {
        return placed(edition, form).findAny().isPresent();
    }

    /** Pages are asked that name it, or share a section that does; all of them where it may stand on any. */
    private static Stream<Page> placed(Edition edition, String form) {
        Set<String> asked = new HashSet<>();
        for (String naming : edition.inbound().naming(form)) {
            asked.add(naming);
            if (edition.find(SharedSection.class, naming).isPresent()) {
                asked.addAll(edition.inbound().sharing(naming));
            }
        }
        boolean anywhere = asked.stream()
                .anyMatch(id -> edition.find(Template.class, id).isPresent()
                        || edition.site().foot().contains(id));
        Stream<Page> some =
                anywhere ? edition.all(Page.class) : asked.stream().flatMap(id -> edition.page(id).stream());
        return some.filter(p -> isOn(edition, p, form));
    }

    /** Whether it can be filled in on a page: in its own sections, in shared ones, fixed by its template, on every page. */
    public static boolean isOn(Edition edition, Page page, String form) {
        return edition.allFacts(page).anyMatch(f -> has(f, form))
                || fixed(edition, page).anyMatch(f -> has(f, form))
                || edition.site().foot().stream()
                        .flatMap(id -> edition.find(SharedSection.class, id).stream())
                        .filter(s -> has(edition.facts(s), form))
                        .anyMatch(s -> Everywhere.shows(edition, page, s.section()));
    }

    private static Stream<PageFacts> fixed(Edition edition, Page page) {
        List<Section> sections = edition.worn(page).template().zones().stream()
                .flatMap(z -> z.fixed().stream())
                .map(edition::shown)
                .toList();
        return sections.isEmpty() ? Stream.empty() : Stream.of(PageFacts.of(sections));
    }

    private static boolean has(PageFacts facts, String form) {
        return facts.shows().forms().contains(form);
    }
}
