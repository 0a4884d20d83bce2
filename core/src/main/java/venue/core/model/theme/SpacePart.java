package venue.core.model.theme;

import static venue.core.model.property.Property.number;

import java.util.List;
import venue.core.model.property.PropertyGroup;

/** Distances and widths. */
final class SpacePart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "spacing",
                "Space",
                List.of(
                        number("spaceBase", "Base step", 4, 16, 8, "px").help("Every distance is a multiple of this."),
                        number("spaceSections", "Room of sections", 40, 160, 100, "%")
                                .help("The padding above and below each; neighbours of one tone share it."),
                        number("spaceGap", "Gap between columns and cards", 40, 160, 100, "%"),
                        number("pageWidth", "Page width", 720, 1600, 1120, "px"),
                        number("textWidth", "Width of running text", 40, 90, 66, "letters")));
    }

    @Override
    public void write(Look look, Css root) {
        root.px("step", look.number("spaceBase"));
        root.set("room-share", Css.decimal(look.number("spaceSections") / 100));
        root.set("gap-share", Css.decimal(look.number("spaceGap") / 100));
        root.px("page-width", look.number("pageWidth"));
        root.set("text-width", Css.whole(look.number("textWidth")) + "ch");
    }
}
