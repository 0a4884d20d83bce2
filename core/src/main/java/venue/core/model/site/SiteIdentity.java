package venue.core.model.site;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Tone;

/** What the site is known by, whichever look it wears: its logo, and what it says on every page. */
public final class SiteIdentity {

    public static final String HEADER_MENU = "headerMenu";
    public static final String HEADER_MEMBERS = "headerMembers";
    public static final String BASKET = "basket";
    public static final String NO_BASKET = "none";
    public static final String FOOT_MENU = "footMenu";
    public static final String CLOSING_MENU = "closingMenu";

    private static final List<PropertyGroup> GROUPS = List.of(
            new PropertyGroup(
                    "notice",
                    "Notices",
                    List.of(many(
                                    "notices",
                                    "Notices",
                                    of("words", "Message", PropertyType.WORDS).longest(160),
                                    of("link", "Leads to", PropertyType.LINK),
                                    choice("tone", "Tone", Tone.choices("deep")),
                                    of("from", "Shown from", PropertyType.DATE),
                                    of("until", "Shown until", PropertyType.DATE)
                                            .help("Gone after this day."),
                                    of("away", "Can be put away", PropertyType.YES_NO)
                                            .fallback(Value.of(true))
                                            .help("By a visitor, until its words change."))
                            .help("One line each, above the header, on every page that has a strip."))),
            new PropertyGroup(
                    "header",
                    "Logo, icon and call to act",
                    List.of(
                            of("logo", "Logo", PropertyType.PICTURE)
                                    .wants(PictureSlot.decorating(320, ""))
                                    .help("Stands for the name in the header. Without one the name stands in words."),
                            of("logoOnDark", "Logo on dark ground", PropertyType.PICTURE)
                                    .wants(PictureSlot.decorating(320, ""))
                                    .help("Where the header is deep or stands over a picture.")
                                    .onlyWhen("logo"),
                            number("logoWide", "Logo's width on wide screens", 24, 480, 160, "px")
                                    .onlyWhen("logo"),
                            number("logoNarrow", "Logo's width on narrow screens", 24, 240, 110, "px")
                                    .onlyWhen("logo"),
                            number("logoSpace", "Space above and below it", 0, 64, 0, "px")
                                    .onlyWhen("logo"),
                            of("icon", "Site icon", PropertyType.PICTURE)
                                    .help(
                                            "On browser tabs and home screens; every size is made of it. Without one it is the"
                                                    + " name's first letter.")
                                    .wants(PictureSlot.decorating(512, "1 : 1")),
                            of("markBeside", "Mark before the name", PropertyType.YES_NO)
                                    .fallback(Value.of(false))
                                    .help("The site icon, or the name's first letter, where there is no logo."),
                            of("act", "Call to act", PropertyType.WORDS)
                                    .longest(24)
                                    .help("A button at the header's end, for example Book a place."),
                            of("actLink", "Leads to", PropertyType.LINK).onlyWhen("act"),
                            of(HEADER_MEMBERS, "Members in the header", PropertyType.YES_NO)
                                    .fallback(Value.of(false))
                                    .help(
                                            "“Sign in” for strangers; for members “My page”, with how much is new to them."),
                            choice(
                                            BASKET,
                                            "Basket in the header",
                                            NO_BASKET + "=Not shown",
                                            "page=Leads to its page",
                                            "sheet=Opens beside the page")
                                    .help(
                                            "With how many things were taken along. It is there once an order form stands on a page."),
                            of(HEADER_MENU, "Menu in the header", PropertyType.MENU)
                                    .help("Stands beside the name, and behind one button on narrow screens."))),
            new PropertyGroup(
                    "footer",
                    "Menus and closing line",
                    List.of(
                            of(FOOT_MENU, "Menu in the footer", PropertyType.MENU)
                                    .help("Lines with others beneath them stand as columns."),
                            of(CLOSING_MENU, "Menu in the closing line", PropertyType.MENU)
                                    .help(
                                            "Its first level, beside the closing line. Without one, the footer's single lines stand there."),
                            of("closingWords", "Closing line", PropertyType.WORDS)
                                    .help("At the end of every footer, for example who runs the site."))));

    private static final List<Property> ALL =
            GROUPS.stream().flatMap(g -> g.settings().stream()).toList();

    private SiteIdentity() {}

    /** By the part of a page in which they stand; a look's settings of that part have the same key. */
    public static List<PropertyGroup> groups() {
        return GROUPS;
    }

    public static List<Property> all() {
        return ALL;
    }

    /** Ids of the menus that stand around every page, that of the header first. */
    public static List<String> menus(Map<String, Value> facts) {
        return Stream.of(HEADER_MENU, FOOT_MENU, CLOSING_MENU)
                .map(key -> Values.text(facts, key))
                .filter(id -> !id.isEmpty())
                .toList();
    }
}
