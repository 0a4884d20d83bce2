package venue.core.body.element;

import java.util.List;
import java.util.stream.Stream;
import venue.core.model.property.Property;
import venue.core.model.section.Reveal;

/** What every kind of element says of itself. */
abstract class DeclaredKind implements ElementKind {

    private final String key;
    private final String name;
    private final String note;
    private final List<Property> properties;

    DeclaredKind(String key, String name, String note, Property... properties) {
        this.key = key;
        this.name = name;
        this.note = note;
        this.properties =
                Stream.concat(Stream.of(properties), Reveal.declared().stream()).toList();
    }

    @Override
    public final String key() {
        return key;
    }

    @Override
    public final String name() {
        return name;
    }

    @Override
    public final String note() {
        return note;
    }

    @Override
    public final List<Property> properties() {
        return properties;
    }

    @Override
    public List<String> inPlace() {
        return properties.stream()
                .filter(p -> WRITTEN.contains(p.type()) || lines().contains(p.key()))
                .map(Property::key)
                .toList();
    }

    /** Keys of the lines that are written in its card beside what always is. */
    List<String> lines() {
        return List.of();
    }
}
