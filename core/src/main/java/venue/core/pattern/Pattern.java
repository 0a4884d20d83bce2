package venue.core.pattern;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.section.Section;
import venue.core.section.Sectioned;
import venue.core.section.Zones;

/**
 * A ready-made section, or a whole page of sections, to place and fill in.
 *
 * @param group the purpose under which the tray offers it
 */
public record Pattern(String id, String name, String group, String note, List<Section> sections) implements Sectioned {

    public Pattern {
        note = note == null ? "" : note;
        sections = List.copyOf(sections);
    }

    @Override
    public Zones body() {
        return new Zones(Map.of(MAIN, sections));
    }

    @Override
    public Pattern withBody(Zones changed) {
        return new Pattern(id, name, group, note, changed.in(MAIN));
    }

    /** How many places wait for content. */
    public long toFill() {
        return sections.stream().flatMap(Section::toFill).count();
    }

    public Optional<Section> section(String sectionId) {
        return sections.stream().filter(s -> s.id().equals(sectionId)).findFirst();
    }
}
