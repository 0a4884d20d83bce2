package venue.core.edition.usage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Column;
import venue.core.model.section.ColumnSettings;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;

/**
 * A section in which something looks otherwise than the theme has it: a column, a button, a picture, its cards.
 *
 * @param item the id of the page
 * @param what the things in it that do, in words
 */
public record Apart(String item, String title, String section, String name, List<String> what) {

    /** How a choice is called that leaves it to the look. */
    private static final Set<String> USUAL = Set.of("theme", "look");

    /**
     * The first of them, in the order of the plan, and how many there are.
     *
     * @param all how many there are, those that are not named among them
     */
    public record ApartSections(List<Apart> first, long all) {}

    public static ApartSections first(Edition edition, int most) {
        List<Apart> all = all(edition).toList();
        return new ApartSections(all.subList(0, Math.min(most, all.size())), all.size());
    }

    /** All of them, in the order of the plan. */
    static Stream<Apart> all(Edition edition) {
        return edition.plan().inOrder().flatMap(id -> edition.page(id).stream()).flatMap(Apart::in);
    }

    private static Stream<Apart> in(Page page) {
        return page.body()
                .all()
                .map(s -> new Apart(page.id(), page.title(), s.id(), s.name(), what(s)))
                .filter(a -> !a.what().isEmpty());
    }

    private static List<String> what(Section section) {
        List<String> what = new ArrayList<>();
        if (differs(SectionSettings.all(), section.settings())) {
            what.add("cards");
        }
        if (section.columns().stream().anyMatch(Apart::stands)) {
            what.add("a column");
        }
        section.elements().filter(Apart::differs).map(Apart::named).distinct().forEach(what::add);
        return what;
    }

    private static String named(Element element) {
        return Elements.find(element.kind())
                .map(ElementKind::name)
                .orElse(element.kind())
                .toLowerCase(Locale.ROOT);
    }

    private static boolean stands(Column column) {
        String ground = Values.text(column.settings(), "ground");
        return !ground.isEmpty() && !ground.equals("none");
    }

    private static boolean differs(Element element) {
        return Elements.find(element.kind())
                .filter(k -> differs(k.properties(), element.props()))
                .isPresent();
    }

    private static boolean differs(List<Property> declared, Map<String, Value> values) {
        return declared.stream().anyMatch(property -> differs(property, values.get(property.key())));
    }

    private static boolean differs(Property property, @Nullable Value value) {
        return leavesItToTheLook(property)
                ? value != null
                        && !value.equals(Value.of(property.choices().get(0).value()))
                : value instanceof Value.Many many
                        && many.groups().stream().anyMatch(g -> differs(property.entries(), g));
    }

    /** The section as the theme has it. */
    public static Section asTheme(Section section) {
        Section plain = section;
        for (Property setting : SectionSettings.all()) {
            plain = leavesItToTheLook(setting) ? plain.with(setting.key(), null) : plain;
        }
        for (Column column : section.columns()) {
            for (Property setting : ColumnSettings.all()) {
                plain = plain.withColumn(column.id(), setting.key(), null);
            }
        }
        return plain.mapElements(e -> Elements.find(e.kind())
                .map(k -> new Element(e.id(), e.kind(), without(k.properties(), e.props())))
                .orElse(e));
    }

    private static boolean leavesItToTheLook(Property property) {
        return property.type() == PropertyType.CHOICE
                && USUAL.contains(property.choices().get(0).value());
    }

    /** Values without those by which something looks otherwise, also within groups. */
    private static Map<String, Value> without(List<Property> declared, Map<String, Value> values) {
        Map<String, Value> left = new TreeMap<>(values);
        for (Property property : declared) {
            if (leavesItToTheLook(property)) {
                left.remove(property.key());
            } else if (left.get(property.key()) instanceof Value.Many many) {
                left.put(
                        property.key(),
                        new Value.Many(many.groups().stream()
                                .map(g -> without(property.entries(), g))
                                .toList()));
            }
        }
        return left;
    }
}
