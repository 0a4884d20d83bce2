package venue.core.model.template;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.Settable;
import venue.core.model.section.Original;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/**
 * How a page is laid out: a frame, zones, and the sections that come with them.
 *
 * @param retired stays on the pages that wear it, and is not offered to others
 * @param options what it leaves to each page that wears it to set
 */
public record Template(
        String id,
        String name,
        String note,
        Map<String, Value> frame,
        List<Zone> zones,
        boolean retired,
        List<Property> options)
        implements Original, Settable {

    /** Before the key of an option, in the settings of a page and in what sections show. */
    public static final String OPTION = "option.";

    /** The template around what visitors get where there is no page. */
    public static final String NOT_FOUND = "not-found";

    public Template {
        note = note == null ? "" : note;
        frame = Values.copy(frame);
        zones = List.copyOf(zones);
        options = options == null ? List.of() : List.copyOf(options);
    }

    /** All its sections, fixed and starter. */
    @Override
    public Zones body() {
        return new Zones(zones.stream()
                .collect(Collectors.toMap(
                        Zone::key,
                        z -> z.sections().stream().map(Zone.Placed::section).toList())));
    }

    @Override
    public Template withBody(Zones changed) {
        return withZones(
                zones.stream().map(z -> z.withSections(changed.in(z.key()))).toList());
    }

    public Template withZones(List<Zone> changed) {
        return new Template(id, name, note, frame, changed, retired, options);
    }

    @Override
    public Property setting(String key) {
        return PropertyCheck.require(FrameSettings.all(), key, key);
    }

    @Override
    public String told() {
        return "the template " + name;
    }

    @Override
    public Template with(String key, @Nullable Value value) {
        return new Template(id, name, note, Values.with(frame, key, value), zones, retired, options);
    }

    public Template withName(String words, String about) {
        return new Template(id, words, about, frame, zones, retired, options);
    }

    public Template withRetired(boolean off) {
        return new Template(id, name, note, frame, zones, off, options);
    }

    public Template withOptions(List<Property> declared) {
        return new Template(id, name, note, frame, zones, retired, declared);
    }

    public Template(String id, String name, String note, Map<String, Value> frame, List<Zone> zones) {
        this(id, name, note, frame, zones, false, List.of());
    }

    @Override
    public List<Section> starters() {
        return zones.stream().flatMap(z -> z.starters().stream()).toList();
    }

    @Override
    public List<Section> fixed() {
        return zones.stream().flatMap(z -> z.fixed().stream()).toList();
    }

    @Override
    public boolean leads() {
        return true;
    }

    /** How many places to fill a new page has from it. */
    public long toFill() {
        return starters().stream().flatMap(Section::toFill).count();
    }

    public boolean shows(String part) {
        return frameValue(part) instanceof Value.Flag flag && flag.yes();
    }

    /** {@code words}, {@code picture} or {@code none}. */
    public String band() {
        return frameValue("band") instanceof Value.Text text ? text.text() : "words";
    }

    /** What it is for: words and pictures, where it says nothing. */
    public Purpose purpose() {
        return frameValue(Purpose.SETTING) instanceof Value.Text text ? Purpose.read(text.text()) : Purpose.TELL;
    }

    /** How the page stands in the window: {@code look}, {@code bare}, {@code edges} or {@code boxed}. */
    public String sheet() {
        return frameValue("sheet") instanceof Value.Text text ? text.text() : "look";
    }

    /** The distance of a bare page from the window's edges, in pixels. */
    public int sheetEdge() {
        return frameValue("sheetEdge") instanceof Value.Num edge ? edge.number().intValue() : 0;
    }

    public Optional<Zone> zone(String key) {
        return zones.stream().filter(z -> z.key().equals(key)).findFirst();
    }

    public List<Zone> zones(ZoneRole role) {
        return zones.stream().filter(z -> z.role() == role).toList();
    }

    @Override
    public boolean hasZone(String key) {
        return zone(key).isPresent();
    }

    @Override
    public Optional<Section> section(String sectionId) {
        return zones.stream()
                .flatMap(z -> z.sections().stream())
                .map(Zone.Placed::section)
                .filter(s -> s.id().equals(sectionId))
                .findFirst();
    }

    private Value frameValue(String key) {
        Property property = PropertyCheck.require(FrameSettings.all(), key, key);
        return property.in(frame).orElse(Value.of(""));
    }
}
