package venue.core.template;

import java.util.List;
import venue.core.section.Section;

/** A named place in a template, with the sections that come with it. */
public record Zone(String key, String name, ZoneRole role, List<Placed> sections) {

    /**
     * A section of the template.
     *
     * @param fixed true: shows on every page wearing the template, never copied; false: a starter section, copied into new
     *     pages
     */
    public record Placed(Section section, boolean fixed) {}

    public Zone {
        sections = sections == null ? List.of() : List.copyOf(sections);
    }

    public List<Section> fixed() {
        return sections.stream().filter(Placed::fixed).map(Placed::section).toList();
    }

    public List<Section> starters() {
        return sections.stream().filter(p -> !p.fixed()).map(Placed::section).toList();
    }
}
