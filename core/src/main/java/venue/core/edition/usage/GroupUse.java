package venue.core.edition.usage;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.gate.GateSettings;
import venue.core.model.menu.Menu;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.SectionSettings;
import venue.core.model.section.Sectioned;

/** Ids of the groups of members that settings name. */
public final class GroupUse {

    private static final List<Property> GATES = GateSettings.inherited();

    private GroupUse() {}

    /** Those that a gate lets in: of a page, a kind or the site. */
    public static Stream<String> gate(Map<String, Value> settings) {
        return named(GATES, settings).stream();
    }

    /** Those to whom sections are shown, wherever they stand. */
    public static Stream<String> sections(Sectioned item) {
        return item.everySection().flatMap(s -> named(SectionSettings.all(), s.settings()).stream());
    }

    /** Those to whom lines are shown. */
    public static Stream<String> lines(Menu menu) {
        return menu.all().flatMap(l -> named(GateSettings.ofSections(), l.settings()).stream());
    }

    private static Set<String> named(List<Property> declared, Map<String, Value> values) {
        Set<String> groups = new TreeSet<>();
        Naming.each(declared, values, (property, text) -> {
            if (property.type() == PropertyType.GROUP) {
                groups.add(text);
            }
        });
        return groups;
    }
}
