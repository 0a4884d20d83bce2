package venue.core.edition.edition;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/**
 * Where a page's look differs from the theme: settings of the look by name, kept among the settings of its kind, for all pages of
 * it, and among its own, through any look.
 */
public final class Differing {

    /** Begins the keys of such settings. */
    public static final String PREFIX = ThemeSettings.DIFFERS;

    /** Begins the ids of looks that are one page's own. */
    private static final String OF_PAGE = "page.";

    /** Begins the ids of looks that all pages of a kind share. */
    private static final String OF_KIND = "kind.";

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
        return said(page.settings());
    }

    /** What all pages of the kind have otherwise that don't say it themselves. */
    public static Map<String, Value> of(Kind kind) {
        return said(kind.settings());
    }

    private static boolean differs(Map<String, Value> settings) {
        return settings.keySet().stream().anyMatch(key -> key.startsWith(PREFIX));
    }

    private static Map<String, Value> said(Map<String, Value> settings) {
        Map<String, Value> own = new TreeMap<>();
        settings.forEach((key, value) -> {
            if (key.startsWith(PREFIX)) {
                own.put(key.substring(PREFIX.length()), value);
            }
        });
        return own;
    }

    /** The look in which the page is shown: the theme, or one of its own that differs from it where the page says so. */
    public static Look look(Edition edition, Page page) {
        Look ofKind = edition.kindOf(page).map(k -> look(edition, k)).orElse(edition.theme());
        return with(ofKind, OF_PAGE + page.id(), of(page));
    }

    private static Look look(Edition edition, Kind kind) {
        return with(edition.theme(), OF_KIND + kind.id(), of(kind));
    }

    private static Look with(Look look, String id, Map<String, Value> own) {
        if (own.isEmpty()) {
            return look;
        }
        Map<String, Value> settings = new HashMap<>(look.settings());
        ThemeSettings.all().stream()
                .map(Property::key)
                .filter(own::containsKey)
                .forEach(key -> settings.put(key, own.get(key)));
        return new Look(id, look.name(), settings);
    }

    /** The look of that id which is a page's own, or a kind's; empty for any other. */
    public static Optional<Look> find(Edition edition, String id) {
        if (id.startsWith(OF_KIND)) {
            return edition.find(Kind.class, id.substring(OF_KIND.length())).map(k -> look(edition, k));
        }
        return id.startsWith(OF_PAGE)
                ? edition.page(id.substring(OF_PAGE.length())).map(p -> look(edition, p))
                : Optional.empty();
    }

    /** How many pages look as the theme says. */
    public static long following(Edition edition) {
        return edition.all(Page.class)
                .filter(p -> !differs(p.settings())
                        && edition.kindOf(p)
                                .map(Kind::settings)
                                .filter(Differing::differs)
                                .isEmpty())
                .count();
    }

    /** The kinds whose pages differ, by name. */
    public static Stream<Kind> kinds(Edition edition) {
        return edition.all(Kind.class).filter(k -> differs(k.settings())).sorted(Comparator.comparing(Kind::name));
    }

    /** The pages that differ, in the order of the plan. */
    public static Stream<Page> pages(Edition edition) {
        return edition.plan().inOrder().flatMap(id -> edition.page(id).stream()).filter(p -> differs(p.settings()));
    }
}
