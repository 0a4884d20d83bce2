package venue.core.edition.edition;

import java.util.stream.Stream;
import venue.core.basics.value.Values;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.core.model.template.ZoneRole;

/** The sections that stand on every page, as far as a page shows them: it is one that they are meant for, and has the place. */
public final class Everywhere {

    private Everywhere() {}

    private static final String FORM = "form";

    /** Where one stands: {@code above} the footer, {@code within} it, or in the {@code left} or {@code right} column. */
    public static String stands(Section section) {
        String stands = Values.text(section.settings(), "foot");
        return stands.isEmpty() ? "above" : stands;
    }

    /** Which pages one is meant for: the {@code home} page alone, the {@code others}, or {@code all}. */
    public static String onPages(Section section) {
        String pages = Values.text(section.settings(), "onPages");
        return pages.isEmpty() ? "all" : pages;
    }

    /** Those that a page shows in the template that it wears. */
    public static Stream<Section> on(Edition edition, Page page) {
        return edition.foot().stream().filter(s -> shows(edition, page, s));
    }

    /** Whether a page shows one in the template that it wears. */
    public static boolean shows(Edition edition, Page page, Section section) {
        return isMeantFor(edition, page, section)
                && hasPlace(edition, page, edition.worn(page).template(), stands(section));
    }

    /** Those that a page shows in a place, where it has that. */
    public static Stream<Section> in(Edition edition, Page page, String place) {
        return edition.foot().stream().filter(s -> stands(s).equals(place)).filter(s -> isMeantFor(edition, page, s));
    }

    /** What visitors send goes to the page that it stands on: one that a site has without anybody having written it takes nothing. */
    private static boolean isMeantFor(Edition edition, Page page, Section section) {
        if (edition.page(page.id()).isEmpty()
                && section.elements().anyMatch(e -> e.kind().equals(FORM))) {
            return false;
        }
        return switch (onPages(section)) {
            case "home" -> edition.isHome(page);
            case "others" -> !edition.isHome(page);
            default -> true;
        };
    }

    /** A frame without a footer is the page's alone. */
    private static boolean hasPlace(Edition edition, Page page, Template template, String stands) {
        return switch (stands) {
            case "left" -> Sides.of(edition, page, template).has(ZoneRole.LEFT);
            case "right" -> Sides.of(edition, page, template).has(ZoneRole.RIGHT);
            default -> template.shows("footer");
        };
    }
}
