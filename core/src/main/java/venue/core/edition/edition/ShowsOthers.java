package venue.core.edition.edition;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;

/** What shows more of other pages than their titles, fields and places: their text, or when they changed. */
public final class ShowsOthers {

    private ShowsOthers() {}

    /** The ids of the pages, shared sections and templates that do. */
    public static Set<String> in(Edition edition) {
        return edition.derived.showsOthers();
    }

    /** Whether what stands in an item of an edition itself does. */
    static boolean tells(Edition edition, Item item) {
        return edition.find(Template.class, item.id())
                .map(t -> t.zones().stream().anyMatch(z -> tells(z.fixed())))
                .orElseGet(() -> Stream.of(Page.class, SharedSection.class)
                        .flatMap(sort -> edition.find(sort, item.id()).stream())
                        .anyMatch(s -> edition.facts(s).lists().telling()));
    }

    private static boolean tells(List<Section> sections) {
        return PageFacts.of(sections).lists().telling();
    }
}
