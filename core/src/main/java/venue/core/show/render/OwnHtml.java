package venue.core.show.render;

import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Values;
import venue.core.body.element.OwnHtmlElement;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

/** HTML that managers write themselves is served under a path of its own, known by its page and its hash. */
public final class OwnHtml {

    /** What such paths begin with. */
    public static final String WHERE = "/-/own/";

    private OwnHtml() {}

    static String path(String page, String html) {
        return WHERE + page + "/" + Hash.shortOf(html) + ".html";
    }

    /** The id of the page whose HTML is served under a path. */
    public static Optional<String> page(String path) {
        String[] parts = path.substring(WHERE.length()).split("/");
        return parts.length == 2 ? Optional.of(parts[0]) : Optional.empty();
    }

    /** The HTML that is served under a path, if a page or its template holds it. */
    public static Optional<String> at(Edition edition, String path) {
        String[] parts = path.substring(WHERE.length()).split("/");
        return parts.length != 2
                ? Optional.empty()
                : edition.page(parts[0]).stream()
                        .flatMap(p -> sections(edition, p))
                        .flatMap(Section::elements)
                        .filter(e -> e.kind().equals(OwnHtmlElement.KEY))
                        .map(e -> Values.text(e.props(), "html"))
                        .filter(html -> path(parts[0], html).equals(path))
                        .findFirst();
    }

    private static Stream<Section> sections(Edition edition, Page page) {
        Template worn = edition.worn(page).template();
        return Stream.concat(
                Stream.concat(page.zones().all(), worn.zones().stream().flatMap(z -> z.fixed().stream()))
                        .map(edition::shown),
                edition.foot().stream());
    }
}
