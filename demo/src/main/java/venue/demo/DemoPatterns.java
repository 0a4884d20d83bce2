package venue.demo;

import java.util.Map;
import venue.core.pattern.Pattern;
import venue.core.section.Element;
import venue.core.section.Section;
import venue.core.section.Sectioned;
import venue.core.section.Zones;
import venue.core.value.Value;

/** The ready-made patterns as an observatory has them, which tells its news in articles. */
final class DemoPatterns {

    private static final Value ANY = Value.of("standard");

    private DemoPatterns() {}

    /** The pattern, with articles in the listings that show pages of any kind. */
    static Pattern ofArticles(Pattern pattern) {
        return pattern.withBody(new Zones(Map.of(
                Sectioned.MAIN,
                pattern.sections().stream().map(DemoPatterns::ofArticles).toList())));
    }

    private static Section ofArticles(Section section) {
        return section.withColumns(section.columns().stream()
                .map(c -> c.withElements(
                        c.elements().stream().map(DemoPatterns::ofArticles).toList()))
                .toList());
    }

    private static Element ofArticles(Element element) {
        boolean any =
                element.kind().equals("listing") && ANY.equals(element.props().get("kind"));
        boolean days = Value.of("agenda").equals(element.props().get("shape"));
        return any ? element.with("kind", Value.of(days ? "open-night" : "article")) : element;
    }
}
