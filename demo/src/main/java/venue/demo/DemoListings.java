package venue.demo;

import java.util.Map;
import java.util.stream.Collectors;
import venue.core.basics.value.Value;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/** What stands ready as an observatory has it, which tells its news in articles. */
final class DemoListings {

    private static final Value ANY = Value.of("standard");

    private DemoListings() {}

    /** Sections with articles, or open nights by the day, in the listings that show pages of any kind. */
    static Zones ofArticles(Zones body) {
        return new Zones(body.byKey().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        zone -> zone.getValue().stream()
                                .map(DemoListings::ofArticles)
                                .toList())));
    }

    private static Section ofArticles(Section section) {
        return section.withColumns(section.columns().stream()
                .map(c -> c.withElements(
                        c.elements().stream().map(DemoListings::ofArticles).toList()))
                .toList());
    }

    private static Element ofArticles(Element element) {
        boolean any =
                element.kind().equals("listing") && ANY.equals(element.props().get("kind"));
        boolean days = Value.of("agenda").equals(element.props().get("shape"));
        return any ? element.with("kind", Value.of(days ? "open-night" : "article")) : element;
    }
}
