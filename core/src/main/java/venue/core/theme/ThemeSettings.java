package venue.core.theme;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.number;
import static venue.core.property.Property.of;
import static venue.core.property.PropertyType.COLOUR;
import static venue.core.property.PropertyType.WORDS;
import static venue.core.property.PropertyType.YES_NO;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import venue.core.property.Property;
import venue.core.property.PropertyCheck;
import venue.core.property.PropertyGroup;
import venue.core.property.PropertyType;
import venue.core.value.Value;

/** The declared settings of a theme, in the order in which a visitor meets what they shape. */
public final class ThemeSettings {

    private static final List<PropertyGroup> GROUPS = List.of(
            new PropertyGroup("notice", "Notice strip", notice()),
            new PropertyGroup("header", "Header", header()),
            new PropertyGroup("opening", "Openings and headings", opening()),
            new PropertyGroup("band", "Title band", band()),
            new PropertyGroup("palette", "Palette and tones", palette()),
            new PropertyGroup("type", "Type", type()),
            new PropertyGroup("lists", "Cards, lists and facts", lists()),
            new PropertyGroup("buttons", "Buttons", buttons()),
            new PropertyGroup("pictures", "Pictures", pictures()),
            new PropertyGroup("spacing", "Spacing", spacing()),
            new PropertyGroup("footer", "Footer", footer()));

    private static final List<Property> ALL =
            GROUPS.stream().flatMap(g -> g.settings().stream()).toList();

    private static final Map<String, Property> BY_KEY =
            ALL.stream().collect(Collectors.toUnmodifiableMap(Property::key, p -> p));

    private ThemeSettings() {}

    public static List<PropertyGroup> groups() {
        return GROUPS;
    }

    public static List<Property> all() {
        return ALL;
    }

    /** The setting called {@code key}, or a refusal. */
    public static Property require(String key) {
        Property property = BY_KEY.get(key);
        return property != null ? property : PropertyCheck.require(ALL, key, key);
    }

    private static List<Property> notice() {
        return List.of(
                of("noticeShown", "Show the strip", YES_NO).fallback(Value.of(false)),
                of("noticeWords", "Message", WORDS).help("One line, above the header, on every page."),
                of("noticeUntil", "Shown until", PropertyType.DATE).help("Gone after this day."));
    }

    private static List<Property> header() {
        return List.of(
                choice(
                        "headerShape",
                        "Arrangement",
                        "line=Name left, menu right",
                        "over=Over the opening's picture",
                        "stacked=Name above the menu",
                        "boxed=In a box of its own",
                        "tabs=Name above a row of tabs",
                        "edges=From edge to edge"),
                choice("headerTone", "Tone", "plain=Plain", "tinted=Tinted", "deep=Deep", "accent=Accent"));
    }

    private static List<Property> opening() {
        return List.of(
                choice(
                                "openingShape",
                                "An opening with a picture",
                                "over=Words over the picture",
                                "framed=Words over a framed picture",
                                "beneath=Picture beneath the words",
                                "above=Picture above the words",
                                "beside=Picture beside the words")
                        .help("A section with a heading of display size and a picture behind it."),
                choice(
                        "headShape",
                        "Headings of sections",
                        "left=At the left, a link at the right",
                        "centred=Centred",
                        "column=In a column of their own"));
    }

    private static List<Property> lists() {
        return List.of(
                choice(
                        "cardShape",
                        "Cards",
                        "open=Open",
                        "boxed=Boxed",
                        "ruled=Beneath a rule",
                        "joined=Joined",
                        "filled=Filled"),
                choice("listShape", "Lists", "ruled=With rules", "plain=Plain"),
                choice("factShape", "Facts", "spec=As a specification", "strip=As a strip", "sentence=As a sentence"));
    }

    private static List<Property> band() {
        return List.of(
                choice("bandTone", "Tone", "deep=Deep", "plain=Plain", "tinted=Tinted", "accent=Accent"),
                choice("bandHeight", "Height", "medium=Medium", "low=Low", "tall=Tall"),
                of("breadcrumb", "Breadcrumb", YES_NO).fallback(Value.of(true)));
    }

    private static List<Property> palette() {
        return List.of(
                colour("colourPage", "Page", "#FBF9F4"),
                colour("colourWords", "Words", "#1D2733"),
                colour("colourAccent", "Accent", "#A85723"),
                colour("colourTint", "Surface tinted", "#F0E7D6"),
                colour("colourDeep", "Surface deep", "#12202F"),
                of("byNight", "Dark for visitors whose machine is", YES_NO)
                        .fallback(Value.of(false))
                        .help("Page and tinted surface are made of the deep one then."));
    }

    private static List<Property> type() {
        return List.of(
                choice("headingFont", "Headings", FontFamily.choices(FontFamily.FRAUNCES)),
                number("headingWeight", "Heading weight", 200, 900, 600, ""),
                choice("headingCase", "Heading case", "as-written=As written", "upper=Capitals"),
                choice("bodyFont", "Text", FontFamily.choices(FontFamily.LITERATA)),
                number("bodySize", "Text size", 14, 24, 18, "px"),
                number("lineHeight", "Line height", 120, 200, 160, "%"),
                number("typeScale", "Step between sizes", 105, 160, 125, "%"),
                number("headingSpacing", "Letter spacing of headings", -60, 200, -15, "‰")
                        .help("In thousandths of the letters' size."),
                choice("labelFont", "Labels", FontFamily.choices(FontFamily.INSTRUMENT_SANS))
                        .help("Menus, dates, captions, buttons."),
                choice("labelCase", "Label case", "as-written=As written", "upper=Capitals"));
    }

    private static List<Property> buttons() {
        return List.of(
                choice("buttonShape", "Shape", "round=Round", "soft=Soft corners", "square=Square"),
                choice("buttonFill", "Fill", "outline=Outlined", "filled=Filled"),
                number("buttonLine", "Outline", 1, 4, 1, "px"));
    }

    private static List<Property> pictures() {
        return List.of(number("pictureRadius", "Corner radius", 0, 40, 0, "px"));
    }

    private static List<Property> spacing() {
        return List.of(
                number("spaceBase", "Base step", 4, 16, 8, "px").help("Every distance is a multiple of this."),
                number("pageWidth", "Page width", 720, 1600, 1120, "px"),
                number("textWidth", "Width of running text", 40, 90, 66, "letters"));
    }

    private static List<Property> footer() {
        return List.of(
                choice("footerShape", "Arrangement", "columns=In columns", "line=On one line", "centred=Centred"),
                choice("footerTone", "Tone", "deep=Deep", "plain=Plain", "tinted=Tinted", "accent=Accent"),
                of("footerWords", "Closing line", WORDS).help("Under the foot menu, for example who runs the site."));
    }

    private static Property colour(String key, String label, String hex) {
        return of(key, label, COLOUR).fallback(Value.of(hex));
    }
}
