package venue.core.change.edit.section;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.SectionPlace;
import venue.core.edition.edition.SectionPlace.Reach;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/** Takes a section out of where it stands and puts it where it reaches further, or less far. */
final class Resettling {

    private final Desk desk;
    private final Edition edition;
    private final String page;
    private final Template template;
    private final SectionPlace from;
    private final Map<String, Item> put = new LinkedHashMap<>();
    private final List<String> removed = new ArrayList<>();

    Resettling(Desk desk, Page page, SectionPlace from) {
        this.desk = desk;
        this.from = from;
        this.page = page.id();
        edition = desk.edition();
        template = edition.worn(page).template();
    }

    void takeOut() {
        if (from.reach() == Reach.EVERYWHERE) {
            List<String> foot = new ArrayList<>(edition.site().foot());
            foot.remove(from.written().id());
            put(edition.site().withFoot(foot));
        } else {
            Sectioned holder = from.reach() == Reach.TEMPLATE ? template : edition.require(Page.class, page);
            put(holder.withBody(holder.body().remove(from.content().id())));
        }
    }

    /** The page gets it as its own; a shared section that nobody shares any more goes. */
    void here() {
        insert(page, section().withId(free(page)), index());
        shown().filter(s -> others(s).isEmpty()).ifPresent(s -> removed.add(s.id()));
    }

    /** What was fixed stays on all pages that wear the template; the rest stands on this page. */
    void shared() {
        SharedSection shared = made();
        if (from.reach() == Reach.TEMPLATE) {
            edition.all(Page.class)
                    .filter(p -> edition.worn(p).template().id().equals(template.id()))
                    .forEach(p -> insert(p.id(), Section.showing(free(p.id()), shared), 0));
        } else {
            insert(page, Section.showing(free(page), shared), index());
        }
    }

    private boolean wears(String page) {
        return edition.page(page)
                .filter(p -> edition.worn(p).template().id().equals(template.id()))
                .isPresent();
    }

    /** Pages that wear the template and shared the section have it from the template now. */
    void template() {
        SharedSection shared = shown().orElse(null);
        String id = desk.freshId();
        Section fixed = shared == null ? from.content().withId(id).withOrigin(null) : Section.showing(id, shared);
        if (shared != null) {
            others(shared).stream().filter(h -> wears(h.id())).forEach(h -> letGo(h, shared));
        }
        Template now = (Template) now(template.id());
        put(now.withZones(now.zones().stream()
                .map(z -> z.key().equals(zone()) ? z.withFixed(fixed) : z)
                .toList()));
    }

    void everywhere() {
        SharedSection shared = made();
        others(shared).forEach(h -> letGo(h, shared));
        Site site = (Site) now(Site.ID);
        List<String> foot = new ArrayList<>(site.foot());
        foot.add(shared.id());
        put(site.withFoot(foot));
    }

    Change change(String name) {
        return new Change(name, List.copyOf(put.values()), removed);
    }

    private SharedSection made() {
        return shown().orElseGet(() -> {
            SharedSection made = new SharedSection(desk.freshId(), section().withId("s1"));
            put(made);
            return made;
        });
    }

    /** The shared section that shows there, where it is one. */
    private Optional<SharedSection> shown() {
        return edition.find(SharedSection.class, from.written().id());
    }

    private Section section() {
        return from.content().withOrigin(null);
    }

    /** Pages and templates that show the shared section, other than where it was taken out. */
    private List<Sectioned> others(SharedSection shared) {
        return edition.inbound().sharing(shared.id()).stream()
                .map(id -> (Sectioned) now(id))
                .filter(h -> shows(h, shared))
                .toList();
    }

    private static boolean shows(Sectioned holder, SharedSection shared) {
        return holder.body().all().anyMatch(s -> shared.id().equals(s.shared()));
    }

    private void letGo(Sectioned holder, SharedSection shared) {
        Sectioned now = holder;
        for (Section s : holder.body().all().toList()) {
            now = shared.id().equals(s.shared()) ? now.withBody(now.body().remove(s.id())) : now;
        }
        put(now);
    }

    private void insert(String holder, Section section, int index) {
        Sectioned now = (Sectioned) now(holder);
        put(now.withBody(now.body().insert(zone(), index, section)));
    }

    /** The id that the page knows it by already, or a new one where that can't be. */
    private String free(String holder) {
        boolean keeps = holder.equals(page) && (from.reach() == Reach.HERE || from.reach() == Reach.SHARED);
        return keeps ? from.content().id() : desk.freshId();
    }

    private int index() {
        return switch (from.reach()) {
            case HERE, SHARED -> from.index();
            case TEMPLATE -> 0;
            case EVERYWHERE -> Integer.MAX_VALUE;
        };
    }

    /** Where it stood, or the last zone for what stood on every page. */
    private String zone() {
        List<Zone> zones = template.zones();
        return from.zone() == null ? zones.get(zones.size() - 1).key() : from.zone();
    }

    private Item now(String id) {
        Item changed = put.get(id);
        return changed == null ? edition.require(Item.class, id) : changed;
    }

    private void put(Item item) {
        put.put(item.id(), item);
    }
}
