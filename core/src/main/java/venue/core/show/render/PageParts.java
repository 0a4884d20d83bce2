package venue.core.show.render;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.listing.Held;
import venue.core.edition.edition.Parts;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

/** The parts of a page around its content as sections, which show like any others: beside it, and after it. */
final class PageParts {

    private static final int WHOLE = 12;
    private static final int RELATED = 3;

    private final PageScene scene;
    private final Page page;
    private final Map<PagePart, String> ways;

    PageParts(View view, Page page, Template template, PageScene scene) {
        this.scene = scene;
        this.page = page;
        ways = Parts.of(view.edition(), page, template);
    }

    String way(PagePart part) {
        return ways.getOrDefault(part, "");
    }

    boolean shows(PagePart part) {
        return !way(part).isEmpty() && !way(part).equals(PagePart.NONE);
    }

    /** What stands beside the content. */
    List<Section> beside() {
        List<Section> beside = new ArrayList<>();
        if (shows(PagePart.AROUND)) {
            beside.add(section("around", element("around", Map.of("shows", Value.of(way(PagePart.AROUND))))));
        }
        if (shows(PagePart.CONTENTS)) {
            beside.add(section("contents", element("contents", Map.of())));
        }
        return beside;
    }

    /** What stands after the content. */
    List<Section> after() {
        List<Section> after = new ArrayList<>();
        if (shows(PagePart.FILES)) {
            files().ifPresent(f -> after.add(headed("files", Phrase.FILES, element("documents", Map.of("files", f)))));
        }
        if (shows(PagePart.RELATED) && !scene.gathered().listings().topics(page).isEmpty()) {
            after.add(headed("related", Phrase.RELATED, related()));
        }
        if (shows(PagePart.NEIGHBOURS)) {
            after.add(section("neighbours", element("neighbours", Map.of())));
        }
        return after;
    }

    private static Element related() {
        return element(
                "listing",
                Map.of(
                        "source", Value.of("topics"),
                        "order", Value.of("plan"),
                        "limit", Value.of(RELATED),
                        "facts", Value.of(false)));
    }

    /** The files that the page holds in its fields. */
    private Optional<Value> files() {
        List<Map<String, Value>> files = scene.words().fields(page).stream()
                .filter(PageParts::holdsFiles)
                .flatMap(f -> scene.words().field(page, f.key()).stream())
                .flatMap(v -> Held.words(v).stream())
                .map(id -> Map.of("file", Value.of(id)))
                .toList();
        return files.isEmpty() ? Optional.empty() : Optional.of(new Value.Many(files));
    }

    private static boolean holdsFiles(Property field) {
        return field.type() == PropertyType.FILE
                || field.entries().stream().anyMatch(e -> e.type() == PropertyType.FILE);
    }

    private Section headed(String name, Phrase heading, Element element) {
        Element words =
                element("heading", Map.of("text", Value.of(scene.words().say(heading)), "size", Value.of("medium")));
        return section(name, words, element);
    }

    private static Element element(String kind, Map<String, Value> props) {
        return new Element("part-" + kind, kind, props);
    }

    private static Section section(String name, Element... elements) {
        Section empty = Section.empty("part-" + name, "", List.of(WHOLE));
        return empty.withColumns(List.of(empty.columns().get(0).withElements(List.of(elements))));
    }
}
