package venue.core.model.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;

/**
 * One horizontal band of a page: 1 to 6 columns of elements, with the settings of {@link SectionSettings}.
 *
 * @param name what managers call it; empty where it goes by what it holds
 * @param shelvedZone the zone it stood in before it came to wait on the shelf; absent while it stands on the page
 * @param shared the id of the shared section that shows here; its columns and settings are that one's
 */
public record Section(
        String id,
        String name,
        @Nullable Origin origin,
        List<Column> columns,
        Map<String, Value> settings,
        @Nullable String shelvedZone,
        @Nullable String shared) {

    private static final int MOST_COLUMNS = 6;
    private static final int WHOLE = 12;

    public Section {
        Ids.check(id, "section");
        name = name == null ? "" : name;
        columns = List.copyOf(columns);
        settings = Values.copy(settings);
        int width = columns.stream().mapToInt(Column::span).sum();
        if (columns.isEmpty() || columns.size() > MOST_COLUMNS || width != WHOLE) {
            throw Refusal.badInput(
                    "bad-columns",
                    "columns",
                    "A section has 1 to 6 columns that make 12 twelfths together; these are " + columns.size()
                            + " making " + width + ".",
                    "Choose widths that add up to 12.");
        }
        if (shared != null
                && (!settings.isEmpty()
                        || columns.size() > 1
                        || !columns.get(0).elements().isEmpty())) {
            throw Refusal.badInput(
                    "section-is-shared",
                    "section",
                    "This place shows a shared section, which is written in one place.",
                    "Write in the shared section, or make it this page's own first.");
        }
    }

    /** What it is called, or goes by. */
    @Override
    public String name() {
        return hasName() ? name : Proposed.name(columns);
    }

    public boolean hasName() {
        return !name.isEmpty();
    }

    /** A section with empty columns of the given widths in twelfths. */
    public static Section empty(String id, String name, List<Integer> spans) {
        List<Column> columns = new ArrayList<>();
        for (int i = 0; i < spans.size(); i++) {
            columns.add(new Column("c" + (i + 1), spans.get(i), List.of()));
        }
        return new Section(id, name, null, columns, Map.of(), null, null);
    }

    /** A place where a shared section shows. */
    public static Section showing(String id, SharedSection shared) {
        Section stand = empty(id, shared.name(), List.of(WHOLE));
        return new Section(id, shared.name(), null, stand.columns, Map.of(), null, shared.id());
    }

    public Optional<String> sharedFrom() {
        return Optional.ofNullable(shared);
    }

    public Section withId(String newId) {
        return new Section(newId, name, origin, columns, settings, shelvedZone, shared);
    }

    public Section withName(String words) {
        return new Section(id, words, origin, columns, settings, shelvedZone, shared);
    }

    /** This section with another's own name, or none. */
    public Section withNameOf(Section other) {
        return withName(other.name);
    }

    public Section withOrigin(@Nullable Origin from) {
        return new Section(id, name, from, columns, settings, shelvedZone, shared);
    }

    public Section withColumns(List<Column> changed) {
        return new Section(id, name, origin, changed, settings, shelvedZone, shared);
    }

    public Section with(String key, @Nullable Value value) {
        return new Section(id, name, origin, columns, Values.with(settings, key, value), shelvedZone, shared);
    }

    public Section withShelvedFrom(@Nullable String zone) {
        return new Section(id, name, origin, columns, settings, zone, shared);
    }

    public Optional<String> shelvedFrom() {
        return Optional.ofNullable(shelvedZone);
    }

    public Stream<Element> elements() {
        return columns.stream().flatMap(c -> c.elements().stream());
    }

    public Optional<Element> element(String elementId) {
        return elements().filter(e -> e.id().equals(elementId)).findFirst();
    }

    public Section withColumn(String columnId, String key, @Nullable Value value) {
        return withColumns(columns.stream()
                .map(c -> c.id().equals(columnId) ? c.with(key, value) : c)
                .toList());
    }

    public Section mapElements(UnaryOperator<Element> change) {
        return withColumns(columns.stream().map(c -> c.map(change)).toList());
    }

    /** Places still to fill, in reading order. */
    public Stream<Value.ToFill> toFill() {
        return Stream.concat(Values.toFill(settings), elements().flatMap(e -> Values.toFill(e.props())));
    }

    /** This section with another's columns and settings. */
    public Section withContentOf(Section other) {
        return new Section(id, name, origin, other.columns, other.settings, shelvedZone, other.shared);
    }

    /** What a copy shares with its origin: everything but identity and origin. */
    public boolean hasContentOf(Section other) {
        return columns.equals(other.columns)
                && settings.equals(other.settings)
                && java.util.Objects.equals(shared, other.shared);
    }

    /** Whether this is as its origin, but for what has been written in the places that the origin leaves to fill. */
    public boolean isFilledFrom(Section from) {
        return Filled.is(this, from);
    }
}
