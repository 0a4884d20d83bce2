package venue.core.check.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.edition.Lineage;
import venue.core.model.page.Page;
import venue.core.model.section.Original;
import venue.core.model.section.Section;

/** Sections that nobody has changed on a page since they came from a template or pattern, which has moved on. */
final class SectionBehind extends DeclaredRule {

    SectionBehind() {
        super(
                "section-behind",
                "Section behind its origin",
                Severity.NOTE,
                "What was made better there hasn’t come to this page yet.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item).flatMap(page -> find(scope, page));
    }

    private Stream<Finding> find(Scope scope, Page page) {
        Map<String, List<Section>> behind = new TreeMap<>();
        page.zones()
                .all()
                .filter(s -> s.origin() != null)
                .filter(s -> Lineage.of(scope.edition(), s, scope.known().past()) == Lineage.BEHIND)
                .forEach(s -> behind.computeIfAbsent(origin(s), k -> new ArrayList<>())
                        .add(s));
        return behind.entrySet().stream()
                .flatMap(e -> scope.edition().find(e.getKey()).map(from -> finding(page, from, e.getValue())).stream());
    }

    private Finding finding(Page page, Item from, List<Section> sections) {
        String noun = ItemSort.of(from).noun();
        return Finding.of(
                        this,
                        page.id(),
                        Words.count(sections.size(), "section is", "sections are") + " behind the " + noun + " “"
                                + from.name() + "”, first “" + sections.get(0).name() + "”.",
                        new Finding.Mend(
                                "Take what the " + noun + " brings",
                                TemplateCommand.rollOutSections(from.id(), Map.of(page.id(), Map.of()))))
                .at(sections.get(0).id());
    }

    private static String origin(Section section) {
        return section.origin() == null ? "" : section.origin().item();
    }

    /** The pages that hold copies of what changed. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.of(before.edition(), after.edition())
                .filter(e -> e.find(changed).filter(Original.class::isInstance).isPresent())
                .findFirst()
                .map(e -> Stream.of(before.edition(), after.edition()).flatMap(at -> copies(at, changed)))
                .orElse(Stream.empty());
    }

    private static Stream<String> copies(Edition edition, String origin) {
        return edition.all(Page.class)
                .filter(p -> p.zones().all().anyMatch(s -> origin(s).equals(origin)))
                .map(Page::id);
    }
}
