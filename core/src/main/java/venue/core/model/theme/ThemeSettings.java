package venue.core.model.theme;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.PropertyGroup;
import venue.core.model.property.PropertyType;

/** The declared settings of a theme, part by part ({@link Part}). */
public final class ThemeSettings {

    /** Begins the keys under which a kind or a page keeps that in which it differs from the theme. */
    public static final String DIFFERS = "theme.";

    /** In the order in which a visitor meets what they shape; what is general between them. */
    static final List<Part> PARTS = List.of(
            new NoticePart(),
            new HeaderPart(),
            new OpeningPart(),
            new BandPart(),
            new PalettePart(),
            new TypePart(),
            new ListsPart(),
            new ButtonPart(),
            new PicturePart(),
            new SpacePart(),
            new GroundPart(),
            new FooterPart());

    private static final List<PropertyGroup> GROUPS =
            PARTS.stream().map(Part::declared).toList();

    private static final List<Property> ALL =
            GROUPS.stream().flatMap(g -> g.settings().stream()).toList();

    private static final List<Property> OF_KINDS = ALL.stream()
            .filter(p -> p.type() != PropertyType.PICTURE && p.type() != PropertyType.FONT)
            .map(p -> p.keyed(DIFFERS + p.key()))
            .toList();

    private static final Map<String, Property> BY_KEY =
            ALL.stream().collect(Collectors.toUnmodifiableMap(Property::key, p -> p));

    private ThemeSettings() {}

    public static List<PropertyGroup> groups() {
        return GROUPS;
    }

    public static List<Property> all() {
        return ALL;
    }

    /** Those in which the pages of one kind may differ, by the keys under which a kind keeps them: all that name no file. */
    public static List<Property> ofKinds() {
        return OF_KINDS;
    }

    /** The setting called {@code key}, or a refusal. */
    public static Property require(String key) {
        Property property = BY_KEY.get(key);
        return property != null ? property : PropertyCheck.require(ALL, key, key);
    }
}
