package venue.core.edition.edition;

import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Values;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.template.Template;
import venue.core.model.template.ZoneRole;
import venue.core.model.theme.Look;

/** On which pages a change of an item shows: the one answer to that, for cards, sheets, releases and the catalog. */
public final class ReachedPages {

    private final long count;
    private final Supplier<Stream<String>> ids;

    private ReachedPages(long count, Supplier<Stream<String>> ids) {
        this.count = count;
        this.ids = ids;
    }

    private static ReachedPages listed(List<String> ids) {
        return new ReachedPages(ids.size(), ids::stream);
    }

    /** How many they are. */
    public long count() {
        return count;
    }

    /** Their ids, each once. */
    public Stream<String> ids() {
        return ids.get();
    }

    public static ReachedPages of(Edition edition, Item item) {
        if (item instanceof Page page) {
            return listed(List.of(page.id()));
        }
        if (item instanceof Template template) {
            return listed(wearing(edition, template.id()).map(Page::id).toList());
        }
        if (item instanceof Kind kind) {
            return listed(edition.plan().ofKind(kind.id()));
        }
        if (item instanceof SharedSection shared) {
            return listed(
                    edition.site().foot().contains(shared.id())
                            ? everywhere(edition, shared)
                            : sharing(edition, shared.id()));
        }
        boolean all = item instanceof Site
                || item instanceof Menu
                || (item instanceof Look look && look.id().equals(edition.site().look()));
        // Counted without a list of them: a change of the look is told of a site of 20,000 pages after each step.
        return all
                ? new ReachedPages(
                        edition.plan().size(), () -> edition.all(Page.class).map(Page::id))
                : listed(List.of());
    }

    private static Stream<Page> wearing(Edition edition, String template) {
        return edition.all(Page.class)
                .filter(p -> edition.worn(p).template().id().equals(template));
    }

    /** The pages that share it, and those that wear a template in which it is fixed. */
    private static List<String> sharing(Edition edition, String shared) {
        return edition.inbound().sharing(shared).stream()
                .flatMap(id -> edition.page(id).isPresent()
                        ? Stream.of(id)
                        : edition.find(Template.class, id).stream()
                                .filter(t -> isFixed(t, shared))
                                .flatMap(t -> wearing(edition, t.id()).map(Page::id)))
                .distinct()
                .toList();
    }

    private static boolean isFixed(Template template, String shared) {
        return template.zones().stream()
                .flatMap(z -> z.fixed().stream())
                .anyMatch(s -> s.sharedFrom().filter(shared::equals).isPresent());
    }

    /** A section on every page shows on those that it is meant for, and in a column on those that have the column. */
    private static List<String> everywhere(Edition edition, SharedSection shared) {
        String on = Values.text(shared.section().settings(), "onPages");
        String stands = Values.text(shared.section().settings(), "foot");
        return edition.all(Page.class)
                .filter(p -> switch (on) {
                    case "home" -> edition.isHome(p);
                    case "others" -> !edition.isHome(p);
                    default -> true;
                })
                .filter(p -> switch (stands) {
                    case "left" -> sides(edition, p).has(ZoneRole.LEFT);
                    case "right" -> sides(edition, p).has(ZoneRole.RIGHT);
                    default -> true;
                })
                .map(Page::id)
                .toList();
    }

    private static Sides sides(Edition edition, Page page) {
        return Sides.of(edition, page, edition.worn(page).template());
    }
}
