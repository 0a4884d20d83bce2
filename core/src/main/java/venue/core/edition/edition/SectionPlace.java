package venue.core.edition.edition;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.SharedSection;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/**
 * Where a section that shows on a page stands, and how far a change of it reaches.
 *
 * @param written the item in which it is written: the page, its template, or the shared section
 * @param inner its id there
 * @param zone the zone it shows in; absent for what stands on every page
 * @param index its place among the sections of that zone, the template's or the page's
 * @param content what shows, under the id by which the page knows it
 */
public record SectionPlace(
        Reach reach,
        Sectioned written,
        String inner,
        @Nullable String zone,
        int index,
        Section content) {

    /** How far a section reaches. */
    public enum Reach {
        /** On this page alone. */
        HERE,
        /** The same on every page that shares it. */
        SHARED,
        /** Fixed in the template: on every page that wears it. */
        TEMPLATE,
        /** On every page of the site. */
        EVERYWHERE
    }

    /** The section that a page's screen knows by this id. */
    public static SectionPlace require(Edition edition, Page page, String id) {
        return find(edition, page, id).orElseThrow(() -> Refusal.unknown("section", id));
    }

    public static Optional<SectionPlace> find(Edition edition, Page page, String id) {
        return page.zones()
                .find(id)
                .map(at -> own(edition, page, at))
                .or(() -> fixed(edition, edition.worn(page).template(), id))
                .or(() -> everywhere(edition, id));
    }

    public static SectionPlace own(Edition edition, Page page, Zones.Place at) {
        return placed(edition, Reach.HERE, Reach.SHARED, page, at.zone(), at.index(), at.section());
    }

    /** A fixed section of a template. */
    public static Optional<SectionPlace> fixed(Edition edition, Template template, String id) {
        for (Zone zone : template.zones()) {
            for (int i = 0; i < zone.fixed().size(); i++) {
                Section section = zone.fixed().get(i);
                if (section.id().equals(id)) {
                    return Optional.of(
                            placed(edition, Reach.TEMPLATE, Reach.TEMPLATE, template, zone.key(), i, section));
                }
            }
        }
        return Optional.empty();
    }

    /** A section that stands on every page. */
    public static Optional<SectionPlace> everywhere(Edition edition, String id) {
        int index = edition.site().foot().indexOf(id);
        return edition.find(SharedSection.class, id)
                .filter(s -> index >= 0)
                .map(s -> new SectionPlace(
                        Reach.EVERYWHERE,
                        s,
                        s.section().id(),
                        null,
                        index,
                        s.section().withId(id)));
    }

    private static SectionPlace placed(
            Edition edition, Reach own, Reach linked, Sectioned holder, String zone, int index, Section section) {
        Optional<SharedSection> shared = section.sharedFrom().flatMap(s -> edition.find(SharedSection.class, s));
        return shared.map(s -> new SectionPlace(linked, s, s.section().id(), zone, index, edition.shown(section)))
                .orElseGet(() -> new SectionPlace(own, holder, section.id(), zone, index, section));
    }
}
