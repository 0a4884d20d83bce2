package venue.core.model.pattern;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.model.section.Original;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/**
 * A ready-made section, or a whole page of sections, to place and fill in.
 *
 * @param group the purpose under which the tray offers it
 * @param retired its copies stay, and it is not offered
 */
public record Pattern(String id, String name, String group, String note, List<Section> sections, boolean retired)
        implements Original {

    public Pattern {
        note = note == null ? "" : note;
        sections = sections == null ? List.of() : List.copyOf(sections);
    }

    public Pattern(String id, String name, String group, String note, List<Section> sections) {
        this(id, name, group, note, sections, false);
    }

    @Override
    public Zones body() {
        return new Zones(Map.of(MAIN, sections));
    }

    @Override
    public Pattern withBody(Zones changed) {
        return new Pattern(id, name, group, note, changed.in(MAIN), retired);
    }

    public Pattern described(String words, String purpose, String about) {
        return new Pattern(id, words, purpose, about, sections, retired);
    }

    public Pattern withRetired(boolean off) {
        return new Pattern(id, name, group, note, sections, off);
    }

    /** Whether it can be placed: one that holds nothing yet is for whoever is making it. */
    public boolean isOffered() {
        return !retired && !sections.isEmpty();
    }

    /** How many places wait for content. */
    public long toFill() {
        return sections.stream().flatMap(Section::toFill).count();
    }

    @Override
    public List<Section> starters() {
        return sections;
    }

    @Override
    public Optional<Section> section(String sectionId) {
        return sections.stream().filter(s -> s.id().equals(sectionId)).findFirst();
    }
}
