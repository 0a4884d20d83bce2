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

    /** The name in words, where there is no logo. */
    private static final Lettering NAME = new Lettering("name", ".name", "the name", true);

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "header",
                "Header",
                Stream.of(arrangement(), NAME.declared()).flatMap(List::stream).toList());
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
                number("headerSpace", "Space above and below", 0, 80, 0, "px")
                        .help("Beside the little that it always has."),
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

    @Override
    public void write(Look look, Css root) {
        NAME.write(look, root);
        if (look.number("headerSpace") > 0) {
            root.px("top-space", look.number("headerSpace"));
        }
    }

    @Override
    public String rules(Look look, Files files) {
        return NAME.rules(look);
    }
}
