package venue.core.edition.edition;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.template.Template;

/** Which parts a page has around its content, and how: as it says itself, else its kind, else its template. */
public final class Parts {

    private Parts() {}

    /** In the template that it wears; see {@link PagePart#way}. */
    public static Map<PagePart, String> of(Edition edition, Page page, Template template) {
        return ways(() -> Stream.concat(Stream.of(page.settings()), others(edition, page, template)));
    }

    /** The same as it would be if the page said nothing. */
    public static Map<PagePart, String> usual(Edition edition, Page page, Template template) {
        return ways(() -> others(edition, page, template));
    }

    private static Stream<Map<String, Value>> others(Edition edition, Page page, Template template) {
        return Stream.concat(edition.kindOf(page).map(Kind::settings).stream(), Stream.of(template.frame()));
    }

    private static Map<PagePart, String> ways(Supplier<Stream<Map<String, Value>>> says) {
        Map<PagePart, String> ways = new EnumMap<>(PagePart.class);
        for (PagePart part : PagePart.values()) {
            ways.put(part, part.way(says.get()));
        }
        return ways;
    }
}
