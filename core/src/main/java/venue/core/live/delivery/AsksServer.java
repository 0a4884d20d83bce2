package venue.core.live.delivery;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Everywhere;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.site.Site;

/**
 * What on a site can't be answered by files alone: whoever asks for it asks the server.
 *
 * @param kind the key of the sort of element that asks
 * @param name what it is called
 * @param pages on how many pages it stands
 * @param on the titles of the first of them
 */
public record AsksServer(String kind, String name, int pages, List<String> on) {

    private static final int NAMED = 3;

    private record Found(String name, Set<String> pages, List<String> titles) {}

    /** What stands on pages that everybody may open, in the order in which it is met. */
    public static List<AsksServer> of(Edition edition) {
        Map<String, Found> found = new LinkedHashMap<>();
        if (edition.find(Site.ID).isEmpty()) {
            return List.of();
        }
        edition.plan()
                .inOrder()
                .flatMap(id -> edition.page(id).stream())
                .filter(p -> Gates.of(edition).opens(p, Visitor.STRANGER))
                .forEach(page -> sections(edition, page)
                        .flatMap(Section::elements)
                        .forEach(e -> asks(e).ifPresent(kind -> add(found, kind, page))));
        List<AsksServer> all = new ArrayList<>();
        found.forEach((kind, f) -> all.add(new AsksServer(
                kind,
                f.name(),
                f.pages().size(),
                f.titles().stream().limit(NAMED).toList())));
        return all;
    }

    private static Stream<Section> sections(Edition edition, Page page) {
        return Stream.concat(
                        edition.worn(page).template().zones().stream()
                                .flatMap(z -> Stream.concat(z.fixed().stream(), page.zones().in(z.key()).stream())),
                        Everywhere.on(edition, page))
                .map(edition::shown);
    }

    private static Optional<ElementKind> asks(Element element) {
        return Elements.find(element.kind()).filter(k -> k.asksServer(element.props()));
    }

    private static void add(Map<String, Found> found, ElementKind kind, Page page) {
        Found of = found.computeIfAbsent(
                kind.key(), k -> new Found(kind.name(), new LinkedHashSet<>(), new ArrayList<>()));
        if (of.pages().add(page.id())) {
            of.titles().add(page.title());
        }
    }
}
