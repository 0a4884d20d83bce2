package venue.core.model.section;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;

/** The sections of a page by zone. Each change gives new zones; section ids are unique within them. */
public record Zones(Map<String, List<Section>> byKey) {

    public static final Zones NONE = new Zones(Map.of());

    /** Where a section stands. */
    public record Place(String zone, int index, Section section) {}

    @JsonCreator
    public Zones(@Nullable Map<String, List<Section>> byKey) {
        Map<String, List<Section>> copy = new TreeMap<>();
        if (byKey != null) {
            byKey.forEach((zone, sections) -> {
                if (!sections.isEmpty()) {
                    copy.put(zone, List.copyOf(sections));
                }
            });
        }
        this.byKey = java.util.Collections.unmodifiableMap(copy);
    }

    @JsonValue
    Map<String, List<Section>> json() {
        return byKey;
    }

    public List<Section> in(String zone) {
        return byKey.getOrDefault(zone, List.of());
    }

    public Stream<Section> all() {
        return byKey.values().stream().flatMap(List::stream);
    }

    public Optional<Place> find(String sectionId) {
        for (Map.Entry<String, List<Section>> zone : byKey.entrySet()) {
            for (int i = 0; i < zone.getValue().size(); i++) {
                Section section = zone.getValue().get(i);
                if (section.id().equals(sectionId)) {
                    return Optional.of(new Place(zone.getKey(), i, section));
                }
            }
        }
        return Optional.empty();
    }

    public Place require(String sectionId) {
        return find(sectionId).orElseThrow(() -> Refusal.unknown("section", sectionId));
    }

    /** The same zones with one section changed; refused when it is not here. */
    public Zones change(String sectionId, UnaryOperator<Section> change) {
        Place place = require(sectionId);
        List<Section> sections = new ArrayList<>(in(place.zone()));
        sections.set(place.index(), change.apply(place.section()));
        return withZone(place.zone(), sections);
    }

    /** Puts a section before the one at {@code index}; an index beyond the end means at the end. */
    public Zones insert(String zone, int index, Section section) {
        if (find(section.id()).isPresent()) {
            throw Refusal.conflict(
                    "section-exists",
                    "section",
                    "“" + section.name() + "” stands on this page already.",
                    "Duplicate it instead.");
        }
        List<Section> sections = new ArrayList<>(in(zone));
        sections.add(Math.max(0, Math.min(index, sections.size())), section);
        return withZone(zone, sections);
    }

    public Zones remove(String sectionId) {
        Place place = require(sectionId);
        List<Section> sections = new ArrayList<>(in(place.zone()));
        sections.remove(place.index());
        return withZone(place.zone(), sections);
    }

    /** Takes a section out and puts it at {@code index} of the zone as it is without it. */
    public Zones move(String sectionId, String zone, int index) {
        Section section = require(sectionId).section();
        return remove(sectionId).insert(zone, index, section);
    }

    public Zones mapSections(UnaryOperator<Section> change) {
        Map<String, List<Section>> changed = new LinkedHashMap<>();
        byKey.forEach((zone, sections) ->
                changed.put(zone, sections.stream().map(change).toList()));
        return new Zones(changed);
    }

    private Zones withZone(String zone, List<Section> sections) {
        Map<String, List<Section>> changed = new LinkedHashMap<>(byKey);
        changed.put(zone, sections);
        return new Zones(changed);
    }
}
