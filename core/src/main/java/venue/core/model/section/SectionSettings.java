package venue.core.model.section;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.stream.Stream;
import venue.core.model.gate.GateSettings;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.CardShape;
import venue.core.model.theme.Texture;
import venue.core.model.theme.Tone;

/** The declared settings of a section, in the groups in which its card shows them. */
public final class SectionSettings {

    private static final String[] ROLES = {"tint=Surface tinted", "deep=Surface deep", "accent=Accent", "page=Page"};
    private static final String[] OWN_OR_ROLES = {
        "own=The tone's own", "page=Page", "tint=Surface tinted", "deep=Surface deep", "accent=Accent"
    };
    private static final int WIDEST_SPACE = 400;

    /** The group of settings that matter for sections on every page alone. */
    public static final String EVERYWHERE = "everywhere";

    private static final List<PropertyGroup> GROUPS = List.of(
            new PropertyGroup("ground", "Tone and background", ground()),
            new PropertyGroup("space", "Space", space()),
            new PropertyGroup("shape", "Shape", shape()),
            new PropertyGroup("motion", "Coming into view", motion()),
            new PropertyGroup("showing", "When and where it shows", showing()),
            new PropertyGroup(EVERYWHERE, "On every page", everywhere()));

    private static final List<Property> ALL =
            GROUPS.stream().flatMap(g -> g.settings().stream()).toList();

    private SectionSettings() {}

    public static List<PropertyGroup> groups() {
        return GROUPS;
    }

    public static List<Property> all() {
        return ALL;
    }

    private static List<Property> ground() {
        return List.of(
                choice("tone", "Tone", Tone.choices("plain"))
                        .help(
                                "Which of the look's grounds it stands on; its words and buttons take the colours for it."),
                choice(
                        "back",
                        "Background",
                        "none=The tone's own",
                        "colour=A colour",
                        "gradient=Gradient",
                        "texture=Texture",
                        "tile=Texture of your own",
                        "picture=Picture",
                        "turns=Pictures that take turns"),
                choice("backColour", "Colour", ROLES).onlyWhen("back=colour"),
                choice("backFrom", "From", OWN_OR_ROLES).onlyWhen("back=gradient"),
                choice("backTo", "To", OWN_OR_ROLES).onlyWhen("back=gradient"),
                choice("backTowards", "Towards", "below=Below", "right=The right", "corner=The corner")
                        .onlyWhen("back=gradient"),
                choice("texture", "Texture", Texture.choices()).onlyWhen("back=texture"),
                of("tile", "Tile", PropertyType.PICTURE)
                        .onlyWhen("back=tile")
                        .help("Repeated at 240 pixels.")
                        .wants(PictureSlot.decorating(240, "")),
                of("picture", "Picture behind", PropertyType.PICTURE)
                        .onlyWhen("back=picture")
                        .wants(PictureSlot.decorating(1600, "")),
                many(
                                "turns",
                                "Pictures behind",
                                of("picture", "Picture", PropertyType.PICTURE).wants(PictureSlot.decorating(1600, "")))
                        .onlyWhen("back=turns")
                        .help(
                                "Visitors can stop them and turn them by hand; where less motion is asked for they stand still."),
                number("turnsEvery", "Each stands for", 3, 30, 7, "s").onlyWhen("back=turns"),
                number("veil", "Veil over the picture", 0, 90, 50, "%")
                        .onlyWhen("back=picture|turns")
                        .help("How much of the tone's colour lies over the picture."));
    }

    private static List<Property> space() {
        return List.of(
                choice(
                        "space",
                        "Space inside",
                        "medium=Medium",
                        "none=None",
                        "small=Small",
                        "large=Large",
                        "exact=Exact…"),
                number("spaceAbove", "Above", 0, WIDEST_SPACE, 48, "px").onlyWhen("space=exact"),
                number("spaceBelow", "Below", 0, WIDEST_SPACE, 48, "px").onlyWhen("space=exact"),
                choice(
                        "gap",
                        "Space outside",
                        "none=None",
                        "small=Small",
                        "medium=Medium",
                        "large=Large",
                        "exact=Exact…"),
                number("gapExact", "Above and below", 0, WIDEST_SPACE, 24, "px").onlyWhen("gap=exact"),
                of("joined", "Joined to the next section", PropertyType.YES_NO)
                        .help("No space between the two, as if they were one."));
    }

    private static List<Property> shape() {
        return List.of(
                choice("align", "Alignment", "start=At the left", "centre=Centred", "end=At the right"),
                choice("height", "Height", "content=By content", "half=Half a screen", "full=A full screen"),
                choice("width", "Width", "page=Page width", "full=Edge to edge", "inset=Within the page"),
                choice("tiles", "Columns as", "open=Open columns", "cards=Cards"),
                choice("cards", "Cards", CardShape.ownChoices())
                        .help("How cards stand here: columns as cards, and the cards of listings."),
                choice("stacks", "On narrow screens", "written=First column first", "reversed=Last column first"),
                number("radius", "Corner radius", 0, 80, 0, "px"),
                of("anchor", "Anchor", PropertyType.WORDS).notWords().help("A link can lead here: /page#anchor"));
    }

    private static List<Property> motion() {
        return Stream.concat(Reveal.declared().stream(), appearing().stream()).toList();
    }

    private static List<Property> appearing() {
        return List.of(
                choice(
                                "appears",
                                "Stands there",
                                "once=From the beginning",
                                "seconds=After some seconds",
                                "asked=When a visitor opens it")
                        .help(
                                "Its place is kept. Without scripts, or where less motion is asked for, nothing is waited for."),
                number("appearsAfter", "Shown after", 1, 60, 5, "s").onlyWhen("appears=seconds"),
                of("appearsBy", "Words to open it by", PropertyType.WORDS)
                        .onlyWhen("appears=asked")
                        .longest(80)
                        .help("“Show more” in the page's language unless set."));
    }

    private static List<Property> showing() {
        return Stream.concat(timed().stream(), GateSettings.ofSections().stream())
                .toList();
    }

    private static List<Property> timed() {
        return List.of(
                of("shownFrom", "Shown from", PropertyType.DATE_TIME).help("In the site's time zone."),
                of("shownUntil", "Shown until", PropertyType.DATE_TIME),
                of("option", "Shown where", PropertyType.OPTION)
                        .help("By an option of the template, which each page chooses."),
                choice("hiddenOn", "Left out on", "none=No screens", "narrow=Narrow screens", "wide=Wide screens"));
    }

    private static List<Property> everywhere() {
        return List.of(
                choice(
                                "foot",
                                "Stands",
                                "above=Above the footer",
                                "within=In the footer, in place of its name and menu",
                                "left=In the left column",
                                "right=In the right column")
                        .help(
                                "In the footer its columns are the footer's. Which pages have a column beside their content is"
                                        + " said by their kind, their template or themselves."),
                choice(
                        "onPages",
                        "Shows on",
                        "all=Every page",
                        "home=The home page alone",
                        "others=Every page but the home page"));
    }
}
