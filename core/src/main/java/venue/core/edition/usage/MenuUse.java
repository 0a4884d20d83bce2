package venue.core.edition.usage;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageFacts;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.SharedSection;
import venue.core.model.site.SiteIdentity;
import venue.core.model.template.Template;

/** Where a menu is shown: around every page, and in sections. */
public final class MenuUse {

    private MenuUse() {}

    /** The places around every page in which it is shown. */
    public static List<Property> places(Edition edition, String menu) {
        return SiteIdentity.all().stream()
                .filter(p -> p.type() == PropertyType.MENU)
                .filter(p -> Values.text(edition.site().facts(), p.key()).equals(menu))
                .toList();
    }

    /** The pages, templates, patterns and shared sections in which it stands. */
    public static List<Item> sections(Edition edition, String menu) {
        List<Item> showing = new ArrayList<>();
        Stream.of(Page.class, SharedSection.class)
                .flatMap(edition::all)
                .filter(i -> shows(edition.facts(i), menu))
                .forEach(showing::add);
        edition.all(Page.class)
                .filter(p -> shows(PageFacts.of(p.shelf()), menu) && !showing.contains(p))
                .forEach(showing::add);
        edition.all(Template.class)
                .filter(t -> t.zones().stream()
                        .anyMatch(z ->
                                z.sections().stream().anyMatch(s -> shows(PageFacts.of(List.of(s.section())), menu))))
                .forEach(showing::add);
        edition.all(Pattern.class)
                .filter(p -> shows(PageFacts.of(p.sections()), menu))
                .forEach(showing::add);
        return showing;
    }

    private static boolean shows(PageFacts facts, String menu) {
        return facts.shows().menus().contains(menu);
    }
}
