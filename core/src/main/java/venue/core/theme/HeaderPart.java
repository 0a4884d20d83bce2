package venue.core.theme;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.number;
import static venue.core.property.Property.of;

import java.util.List;
import venue.core.property.PropertyGroup;
import venue.core.property.PropertyType;
import venue.core.value.Value;

/** The header: how name and menu stand, and what stands at its end. */
final class HeaderPart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "header",
                "Header",
                List.of(
                        choice(
                                "headerShape",
                                "Arrangement",
                                "line=Name left, menu right",
                                "over=Over the opening's picture",
                                "stacked=Name above the menu",
                                "boxed=In a box of its own",
                                "tabs=Name above a row of tabs",
                                "edges=From edge to edge"),
                        choice("headerTone", "Tone", "plain=Plain", "tinted=Tinted", "deep=Deep", "accent=Accent"),
                        choice("headerStays", "When scrolling", "goes=Goes", "stays=Stays", "small=Stays, smaller"),
                        choice(
                                        "menuBeneath",
                                        "Lines beneath lines",
                                        "fitting=As many as fit: a list, or a broad panel",
                                        "list=In a list",
                                        "panel=In a broad panel")
                                .help(
                                        "They open beneath theirs. A broad panel takes more than eight, or three levels."),
                        number("nameSize", "Size of the name", 60, 180, 100, "%"),
                        of("headerSocial", "Social links", PropertyType.YES_NO)
                                .fallback(Value.of(false))
                                .help("As the site's facts have them.")));
    }

    @Override
    public void write(Look look, Css root) {
        root.set("name-size", Css.decimal(look.number("nameSize") / 100));
    }
}
