package venue.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.model.gate.Gate;
import venue.core.model.gate.GateSettings;
import venue.core.model.page.Page;
import venue.core.model.page.Segment;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;

/** A page of the demo while it is being put together. */
final class PageDraft {

    private static final long GAP = 1L << 20;

    private final String id;
    private final String title;
    private final String kind;
    private @Nullable String parent;
    private @Nullable String segment;
    private @Nullable String template;
    private final Map<String, List<Section>> zones = new TreeMap<>();
    private final Map<String, Value> fields = new TreeMap<>();
    private final Map<String, Value> settings = new TreeMap<>();

    PageDraft(String id, String kind, String title) {
        this.id = id;
        this.kind = kind;
        this.title = title;
    }

    /** At another address than its title would give it. */
    PageDraft called(String last) {
        segment = last;
        return this;
    }

    /** For some alone. */
    PageDraft behind(Gate gate) {
        settings.putAll(GateSettings.values(gate));
        return this;
    }

    PageDraft beneath(String page) {
        parent = page;
        return this;
    }

    PageDraft wearing(String chosen) {
        template = chosen;
        return this;
    }

    /** With a section of words that lead into the page. */
    PageDraft led(String words) {
        return section(Compose.section("s1", "Lead", Compose.lead(Value.of(words))));
    }

    PageDraft section(Section section) {
        return section("main", section);
    }

    PageDraft section(String zone, Section section) {
        List<Section> sections = zones.computeIfAbsent(zone, z -> new ArrayList<>());
        sections.add(section.withId(id + "-" + zone + (sections.size() + 1)));
        return this;
    }

    PageDraft sharing(String zone, SharedSection shared) {
        return section(zone, Section.showing("shown", shared));
    }

    PageDraft field(String key, String text) {
        fields.put(key, Value.of(text));
        return this;
    }

    PageDraft field(String key, long number) {
        fields.put(key, Value.of(number));
        return this;
    }

    /** The topics that it names. */
    PageDraft about(String... topics) {
        List<Map<String, Value>> named =
                List.of(topics).stream().map(t -> Map.of("one", Value.of(t))).toList();
        fields.put("topics", new Value.Many(named));
        return this;
    }

    /** Summary and picture, as listings show them. */
    PageDraft shown(String summary, @Nullable String picture) {
        if (picture != null) {
            field("picture", picture);
        }
        return field("summary", summary);
    }

    /** Sets one of its template's options. */
    PageDraft choosing(String option) {
        settings.put(Template.OPTION + option, Value.of(true));
        return this;
    }

    PageDraft setting(String key, String text) {
        settings.put(key, Value.of(text));
        return this;
    }

    Page at(int position) {
        return Page.of(id, title, segment == null ? Segment.fromTitle(title) : segment, kind)
                .withPlace(parent, position * GAP)
                .wearing(template)
                .withZones(new Zones(zones))
                .withFields(fields)
                .withSettings(settings);
    }
}
