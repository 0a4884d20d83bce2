package venue.core.model.site;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** The pages that have a task of their own on a site, beside its home page: each is bound by one fact of the site. */
public enum BoundPage {
    NOT_FOUND(
            "notFoundPage",
            "Not found",
            "What visitors get where nothing is (404). Without one, a few words that lead to the home page."),
    SEARCH("searchPage", "Search", "Where the element “Search” leads, and what is looked for is found."),
    CONTENTS(
            "contentsPage",
            "Contents of the site",
            "Linked at the end of every page, and where somebody finds nothing."),
    PRIVACY("privacyPage", "Privacy", "Linked at the end of every page.");

    private final Property property;

    BoundPage(String key, String label, String help) {
        property = Property.of(key, label, PropertyType.PAGE).help(help);
    }

    public Property property() {
        return property;
    }

    /** The id of the page that a site binds to the task. */
    public Optional<String> of(Site site) {
        return Optional.of(Values.text(site.facts(), property.key())).filter(id -> !id.isEmpty());
    }

    /** The tasks that a page has. */
    public static Stream<BoundPage> tasks(Site site, String page) {
        return Arrays.stream(values())
                .filter(b -> b.of(site).filter(page::equals).isPresent());
    }

    /** What is declared of them. */
    public static List<Property> all() {
        return Arrays.stream(values()).map(BoundPage::property).toList();
    }
}
