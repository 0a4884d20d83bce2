package venue.core.model.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.model.section.Element;
import venue.core.model.section.Section;

/**
 * A named place in a template, with the sections that come with it.
 *
 * @param accepts the kinds of element that sections here may hold; none named means all
 */
public record Zone(String key, String name, ZoneRole role, List<String> accepts, List<Placed> sections) {

    /**
     * A section of the template.
     *
     * @param fixed true: shows on every page wearing the template, never copied; false: a starter section, copied into new
     *     pages
     */
    public record Placed(Section section, boolean fixed) {}

    /** A zone that takes everything. */
    public Zone(String key, String name, ZoneRole role, List<Placed> sections) {
        this(key, name, role, List.of(), sections);
    }

    public Zone {
        accepts = accepts == null ? List.of() : List.copyOf(accepts);
        sections = sections == null ? List.of() : List.copyOf(sections);
    }

    public boolean takes(Element element) {
        return accepts.isEmpty() || accepts.contains(element.kind());
    }

    public boolean takes(Section section) {
        return section.elements().allMatch(this::takes);
    }

    /** The zone with other sections; one that was not fixed before is a starter section. */
    Zone withSections(List<Section> changed) {
        Set<String> fixed = fixed().stream().map(Section::id).collect(Collectors.toSet());
        return new Zone(
                key,
                name,
                role,
                accepts,
                changed.stream().map(s -> new Placed(s, fixed.contains(s.id()))).toList());
    }

    /** The zone with one more fixed section, after the others that are. */
    public Zone withFixed(Section section) {
        List<Placed> more = new ArrayList<>(sections);
        more.add(new Placed(section, true));
        return new Zone(key, name, role, accepts, more);
    }

    /** The zone with a section made fixed or starter; the same where it does not stand here. */
    public Zone withFixed(String sectionId, boolean fixed) {
        return new Zone(
                key,
                name,
                role,
                accepts,
                sections.stream()
                        .map(p -> p.section().id().equals(sectionId) ? new Placed(p.section(), fixed) : p)
                        .toList());
    }

    public List<Section> fixed() {
        return sections.stream().filter(Placed::fixed).map(Placed::section).toList();
    }

    public List<Section> starters() {
        return sections.stream().filter(p -> !p.fixed()).map(Placed::section).toList();
    }
}
