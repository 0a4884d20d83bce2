package venue.core.edition.edition;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** Where a page's look differs from the theme: settings of the look by name, kept among the page's own through any look. */
public final class Differing {

    /** Begins the keys of such settings. */
    public static final String PREFIX = "theme.";

    /** Begins the ids of looks that are one page's own. */
    private static final String OF_PAGE = "page.";

    /** Settings of pages that may name something: their own, and those in which they differ. */
    public static final List<Property> NAMING = Stream.concat(
                    PageSettings.all().stream(),
                    ThemeSettings.all().stream()
                            .filter(p -> p.type() == PropertyType.PICTURE || p.type() == PropertyType.FONT)
                            .map(p -> p.keyed(PREFIX + p.key())))
            .toList();

    private Differing() {}

    /** What the page has otherwise, by the key of the look's setting. */
    public static Map<String, Value> of(Page page) {
        Map<String, Value> own = new TreeMap<>();
        page.settings().forEach((key, value) -> {
            if (key.startsWith(PREFIX)) {
                own.put(key.substring(PREFIX.length()), value);
            }
        });
        return own;
    }

    /** The look in which the page is shown: the theme, or one of its own that differs from it where the page says so. */
    public static Look look(Edition edition, Page page) {
        Map<String, Value> own = of(page);
        Look theme = edition.theme();
        if (own.isEmpty()) {
            return theme;
        }
        Map<String, Value> settings = new HashMap<>(theme.settings());
        ThemeSettings.all().stream()
                .map(Property::key)
                .filter(own::containsKey)
                .forEach(key -> settings.put(key, own.get(key)));
        return new Look(OF_PAGE + page.id(), theme.name(), settings);
    }

    /** The look of that id which is a page's own; empty for any other. */
    public static Optional<Look> find(Edition edition, String id) {
        return id.startsWith(OF_PAGE)
                ? edition.page(id.substring(OF_PAGE.length())).map(p -> look(edition, p))
                : Optional.empty();
    }

    /** The pages that differ, in the order of the plan. */
    public static Stream<Page> pages(Edition edition) {
        return edition.plan()
                .inOrder()
                .flatMap(id -> edition.page(id).stream())
                .filter(p -> p.settings().keySet().stream().anyMatch(k -> k.startsWith(PREFIX)));
    }
}
