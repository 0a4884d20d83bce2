package venue.core.model.theme;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;
import venue.core.model.property.PropertyType;

/** The header: how name and menu stand, and what stands at its end. */
final class HeaderPart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "header",
                "Header",
                Stream.of(arrangement(), name()).flatMap(List::stream).toList());
    }

    private static List<Property> arrangement() {
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
                choice("headerTone", "Tone", Tone.choices("plain")),
                choice("headerStays", "When scrolling", "goes=Goes", "stays=Stays", "small=Stays, smaller"),
                choice(
                                "menuBeneath",
                                "Lines beneath lines",
                                "fitting=As many as fit: a list, or a broad panel",
                                "list=In a list",
                                "panel=In a broad panel")
                        .help("They open beneath theirs. A broad panel takes more than eight, or three levels."),
                choice(
                                "headerSearch",
                                "Search",
                                "none=Not in the header",
                                "link=As a link",
                                "line=As a line to write in")
                        .help("Leads to the site’s page for searching; without one there is none."),
                of("headerSocial", "Social links", PropertyType.YES_NO)
                        .fallback(Value.of(false))
                        .help("As the site's facts have them."));
    }

    /** The name in words, where there is no logo. */
    private static List<Property> name() {
        return List.of(
                choice("nameVoice", "The name's family", "heading=As headings", "body=As text", "label=As labels")
                        .help("Where there is no logo."),
                number("nameSize", "Size of the name", 60, 180, 100, "%"),
                choice(
                        "nameWeight",
                        "Weight of the name",
                        "heading=As headings",
                        "400=Regular",
                        "500=Medium",
                        "700=Bold"),
                choice(
                        "nameCase",
                        "Case of the name",
                        "none=As written",
                        "uppercase=Capitals",
                        "lowercase=Small letters"),
                choice("nameColour", "Colour of the name", "words=As the words", "link=As links"));
    }

    @Override
    public void write(Look look, Css root) {
        root.set("name-size", Css.decimal(look.number("nameSize") / 100));
        root.set("name-voice", "var(--" + look.text("nameVoice") + ")");
        root.set(
                "name-weight",
                look.text("nameWeight").equals("heading") ? "var(--heading-weight)" : look.text("nameWeight"));
        root.set("name-case", look.text("nameCase"));
        root.set("name-colour", "var(--" + look.text("nameColour") + ")");
    }
}
