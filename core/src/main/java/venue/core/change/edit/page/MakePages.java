package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Ids;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.Positions;
import venue.core.change.edit.section.Starters;
import venue.core.edition.edition.Asks;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Places;
import venue.core.edition.edition.Segments;
import venue.core.edition.edition.Worn;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.page.Segment;
import venue.core.model.property.PropertyCheck;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;

/**
 * Makes one page, or several at once, with the starter sections of the template.
 *
 * @param pages an id and a title for each, in order; with its search description, where one is given
 * @param segment the address's last part, where one page is made and it shall not follow from the title
 * @param menus menus in which the pages get a line
 */
@JsonTypeName("make-pages")
record MakePages(
        Where where,
        MadeAs as,
        List<NewPage> pages,
        @Nullable String segment,
        List<String> menus,
        Map<String, Value> settings)
        implements PageCommand, ForEditors {

    /**
     * Where they stand.
     *
     * @param parent the page above; absent at the top
     * @param before the sibling that shall follow; absent for the end
     * @param evenSo makes them where the rules of placement don't allow it; for managers
     */
    record Where(
            @Nullable String parent,
            @Nullable String before,
            @Nullable Boolean evenSo) {}

    /**
     * What they are made as.
     *
     * @param template the template chosen; absent for "as its kind says"
     * @param begin a pattern whose sections stand in the main zone, instead of what the template brings there
     * @param gathers what their sections gather, where they ask
     */
    record MadeAs(
            String kind,
            @Nullable String template,
            @Nullable String begin,
            Asks.@Nullable AskAnswer gathers) {}

    /** The most that are made at once. */
    private static final int MOST = 200;

    private static final String DESCRIPTION = "searchDescription";

    MakePages {
        pages = pages == null ? List.of() : List.copyOf(pages);
        menus = menus == null ? List.of() : List.copyOf(menus);
        settings = Values.copy(settings);
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        requireCount();
        if (where.parent() != null) {
            edition.require(Page.class, where.parent());
        }
        Kind what = edition.require(Kind.class, as.kind());
        PlaceCheck.require(desk, Places.answer(edition, what, where.parent(), desk.role()), where.evenSo());
        Template wears =
                as.template() == null ? Worn.ofNew(edition, what) : edition.require(Template.class, as.template());
        requireMayWear(what, wears);
        if (as.gathers() != null && as.gathers().kind() != null) {
            edition.require(Kind.class, as.gathers().kind());
        }
        Map<String, Value> checked = PropertyCheck.all(PageSettings.all(), settings, "");
        Positions.Found places = Positions.find(edition, where.parent(), where.before(), null, pages.size());
        List<Item> put = new ArrayList<>(places.renumbered());
        put.addAll(make(desk, wears, places.positions(), checked));
        put.addAll(menuLines(desk));
        return new Change(name(), put, List.of());
    }

    private void requireCount() {
        if (pages.isEmpty() || pages.size() > MOST) {
            throw Refusal.badInput(
                    "bad-count",
                    "pages",
                    pages.isEmpty() ? "No page is named." : pages.size() + " pages at once; " + MOST + " can be made.",
                    "Name 1 to " + MOST + " pages.");
        }
    }

    private static void requireMayWear(Kind kind, Template wears) {
        if (!kind.mayWear(wears.id())) {
            throw Refusal.badInput(
                    "template-not-allowed",
                    "template",
                    kind.pages() + " may not wear the template " + wears.name() + ".",
                    "Choose a template that the kind allows.");
        }
    }

    private List<Page> make(Desk desk, Template wears, List<Long> positions, Map<String, Value> checked) {
        Set<String> taken = isNamedAlone() ? new HashSet<>() : segments(desk.edition());
        Hash took = desk.hashOf().apply(wears.id());
        List<Page> made = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            NewPage wanted = pages.get(i);
            Ids.check(wanted.id(), "id");
            if (desk.edition().find(wanted.id()).isPresent()) {
                throw Refusal.conflict("id-taken", "id", "This page has been made already.", "Reload to see it.");
            }
            String title = Page.checkTitle(wanted.title());
            String part = segment(desk, title, taken);
            taken.add(part);
            made.add(Page.of(wanted.id(), title, part, as.kind())
                    .withPlace(where.parent(), positions.get(i))
                    .wearing(as.template())
                    .withZones(zones(desk, wears))
                    .withSettings(settings(checked, wanted))
                    .withTaken(took));
        }
        return made;
    }

    /** Whether the one page that is made has an address that is given. */
    private boolean isNamedAlone() {
        return segment != null && pages.size() == 1;
    }

    private Set<String> segments(Edition edition) {
        return edition.plan().beneath(where.parent()).stream()
                .map(id -> edition.require(Page.class, id).segment())
                .collect(Collectors.toCollection(HashSet::new));
    }

    private Zones zones(Desk desk, Template wears) {
        Zones zones = as.begin() == null
                ? Starters.of(desk, wears)
                : Starters.with(desk, wears, Starters.offered(desk.edition(), as.begin()));
        return as.gathers() == null ? zones : zones.mapSections(as.gathers()::in);
    }

    /** What all of them have, and what one says of itself. */
    private static Map<String, Value> settings(Map<String, Value> all, NewPage one) {
        if (one.description() == null) {
            return all;
        }
        Map<String, Value> said = Map.of(DESCRIPTION, Value.of(one.description()));
        return Values.with(
                all,
                DESCRIPTION,
                PropertyCheck.all(PageSettings.all(), said, "").get(DESCRIPTION));
    }

    private String segment(Desk desk, String title, Set<String> taken) {
        if (segment == null || !isNamedAlone()) {
            return Segments.firstFree(taken, Segment.fromTitle(title));
        }
        Segment.check(segment);
        Segments.requireFree(desk.edition(), where.parent(), segment, null);
        return segment;
    }

    private List<Menu> menuLines(Desk desk) {
        List<Menu> changed = new ArrayList<>();
        for (String id : menus) {
            Menu menu = desk.edition().require(Menu.class, id);
            if (follows(desk, menu)) {
                continue;
            }
            for (NewPage page : pages) {
                menu = menu.withPage(page.id(), where.parent(), desk.freshId());
            }
            changed.add(menu);
        }
        return changed;
    }

    /** Whether the pages will stand in the menu by themselves. */
    private boolean follows(Desk desk, Menu menu) {
        String parent = where.parent();
        return parent != null
                && (menu.all().anyMatch(l -> l.follows() > 0 && l.leadsTo(parent))
                        || menu.all()
                                .anyMatch(l -> l.follows() > 1
                                        && l.pageId()
                                                .equals(desk.edition().plan().above(parent))));
    }

    private String name() {
        return pages.size() == 1 ? "make " + pages.get(0).title() : "make " + Words.count(pages.size(), "page");
    }
}
