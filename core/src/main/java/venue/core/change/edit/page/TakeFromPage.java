package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.Rights;
import venue.core.change.fitting.Arranged;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.Property;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.site.Role;
import venue.core.model.template.Template;

/**
 * Gives pages what another one has; never its title, its address or what search engines are told of it. Sections that it takes the
 * place of wait on the shelf.
 *
 * @param from the page that has it
 * @param parts what of it
 */
@JsonTypeName("take-from-page")
record TakeFromPage(List<String> pages, String from, Set<PagePart> parts) implements PageCommand, ForEditors {

    /** The settings that say nothing of the one page in words. */
    private static final Set<String> OF_ANY_PAGE = PageSettings.all().stream()
            .filter(p -> !p.holdsWords())
            .map(Property::key)
            .collect(Collectors.toUnmodifiableSet());

    /** What one page can take of another. */
    enum PagePart {
        @JsonProperty("template")
        TEMPLATE,
        @JsonProperty("options")
        OPTIONS,
        @JsonProperty("settings")
        SETTINGS,
        @JsonProperty("theme")
        THEME,
        @JsonProperty("sections")
        SECTIONS
    }

    /** What differs from the theme is the managers'. */
    @Override
    public Role needs(Edition edition) {
        return parts.contains(PagePart.THEME) ? Role.MANAGER : ForEditors.super.needs(edition);
    }

    TakeFromPage {
        pages = pages == null ? List.of() : List.copyOf(pages);
        parts = parts == null ? Set.of() : Set.copyOf(parts);
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page source = edition.require(Page.class, from);
        if (parts.isEmpty() || pages.isEmpty() || pages.contains(from)) {
            throw Refusal.badInput(
                    "nothing-to-take",
                    parts.isEmpty() ? "parts" : "pages",
                    parts.isEmpty() ? "Nothing is chosen to be taken." : "A page can't take from itself.",
                    "Choose another page, and what to take of it.");
        }
        List<Item> put = new ArrayList<>();
        for (String id : pages) {
            Page page = edition.require(Page.class, id);
            Rights.requireChange(desk.role(), edition, page);
            put.add(taking(desk, page, source));
        }
        String name = put.size() == 1 ? put.get(0).name() : Words.count(put.size(), "page");
        return new Change("take from " + source.title() + " for " + name, put, List.of());
    }

    private Page taking(Desk desk, Page page, Page source) {
        Page taking = page;
        if (parts.contains(PagePart.TEMPLATE)) {
            taking = inTemplate(desk, taking, source);
        }
        if (parts.contains(PagePart.SECTIONS)) {
            taking = withSections(desk, taking, source);
        }
        if (parts.contains(PagePart.SETTINGS)) {
            taking = withAll(taking, source, OF_ANY_PAGE::contains);
        }
        if (parts.contains(PagePart.OPTIONS)) {
            taking = withAll(taking, source, key -> key.startsWith(Template.OPTION));
        }
        return parts.contains(PagePart.THEME)
                ? withAll(taking, source, key -> key.startsWith(Differing.PREFIX))
                : taking;
    }

    /** With the source's settings of these keys, and no others of them. */
    private static Page withAll(Page page, Page source, Predicate<String> keys) {
        Map<String, Value> all = new TreeMap<>(page.settings());
        all.keySet().removeIf(keys);
        source.settings().forEach((key, value) -> {
            if (keys.test(key)) {
                all.put(key, value);
            }
        });
        return page.withSettings(all);
    }

    private static Page inTemplate(Desk desk, Page page, Page source) {
        Edition edition = desk.edition();
        Kind kind = edition.require(Kind.class, page.kind());
        Template worn = edition.worn(source).template();
        if (!kind.mayWear(worn.id())) {
            throw Refusal.badInput(
                    "template-not-allowed",
                    "parts",
                    kind.pages() + " may not wear the template " + worn.name() + ".",
                    "Take the rest without it.");
        }
        boolean same = source.template() == null && kind.id().equals(source.kind());
        return Arranged.of(edition, page, same ? null : worn.id(), worn)
                .withTaken(desk.hashOf().apply(worn.id()));
    }

    /** Copies of the source's sections in the zones of what the page wears; its own are put aside. */
    private static Page withSections(Desk desk, Page page, Page source) {
        Template wears = desk.edition().worn(page).template();
        Zones copies = Zones.NONE;
        for (String zone : source.zones().byKey().keySet()) {
            for (Section section : source.zones().in(zone)) {
                copies = copies.insert(zone, Integer.MAX_VALUE, section.withId(desk.freshId()));
            }
        }
        Page there = Arranged.of(
                desk.edition(), source.withTemplate(source.template(), copies, List.of()), page.template(), wears);
        List<Section> shelf = new ArrayList<>(page.shelf());
        page.zones().all().map(s -> s.withShelvedFrom(null)).forEach(shelf::add);
        shelf.addAll(there.shelf());
        return page.withTemplate(page.template(), there.zones(), shelf);
    }
}
