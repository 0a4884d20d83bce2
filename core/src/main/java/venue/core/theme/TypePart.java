package venue.core.theme;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.number;

import java.util.List;
import venue.core.property.PropertyGroup;

/** The three voices: headings, text, labels; and the sizes that they come in. */
final class TypePart implements Part {

    private static final int SIZES = 7;
    /** Windows between which sizes grow, in pixels, and what a narrow one keeps of what a size is above the text's. */
    private static final int NARROW = 360;

    private static final int WIDE = 1280;
    private static final double NARROW_SHARE = 0.46;
    /** What a hundred per cent is where visitors have set nothing else, in pixels. */
    private static final double USUAL_SIZE = 16;

    private static final double THOUSAND = 1000;

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "type",
                "Type",
                List.of(
                        choice("headingFont", "Headings", FontFamily.choices(FontFamily.FRAUNCES)),
                        number("headingWeight", "Heading weight", 200, 900, 600, "")
                                .help("What the family has not is drawn in the nearest weight that it has."),
                        choice("headingCase", "Heading case", "as-written=As written", "upper=Capitals"),
                        number("headingHeight", "Line height of headings", 90, 150, 114, "%"),
                        number("headingSpacing", "Letter spacing of headings", -60, 200, -15, "‰")
                                .help("In thousandths of the letters' size."),
                        choice("bodyFont", "Text", FontFamily.choices(FontFamily.LITERATA)),
                        number("bodySize", "Text size", 14, 24, 18, "px"),
                        number("bodyWeight", "Text weight", 300, 600, 400, ""),
                        number("lineHeight", "Line height", 120, 200, 160, "%"),
                        number("typeScale", "Step between sizes", 105, 160, 125, "%"),
                        number("titleSize", "Titles of pages and openings", 60, 140, 100, "%")
                                .help("Of the size that the steps give them."),
                        choice("labelFont", "Labels", FontFamily.choices(FontFamily.INSTRUMENT_SANS))
                                .help("Menus, dates, captions, buttons."),
                        choice("labelCase", "Label case", "as-written=As written", "upper=Capitals"),
                        number("labelWeight", "Label weight", 400, 700, 500, ""),
                        choice(
                                        "linkLine",
                                        "Links in text",
                                        "line=With a line",
                                        "thick=With a thick line",
                                        "hover=With a line under the pointer")
                                .help("Without a line they are told by colour and weight.")));
    }

    @Override
    public void write(Look look, Css root) {
        root.set("heading", FontFamily.of(look.text("headingFont")).css());
        root.set("body", FontFamily.of(look.text("bodyFont")).css());
        root.set("label", FontFamily.of(look.text("labelFont")).css());
        root.set("heading-weight", Css.whole(look.number("headingWeight")));
        root.set("heading-case", Css.casing(look.text("headingCase")));
        root.set("heading-height", Css.decimal(look.number("headingHeight") / 100));
        root.set("heading-spacing", Css.decimal(look.number("headingSpacing") / THOUSAND) + "em");
        root.set("body-weight", Css.whole(look.number("bodyWeight")));
        root.set("label-case", Css.casing(look.text("labelCase")));
        root.set("label-spacing", look.text("labelCase").equals("upper") ? ".06em" : "0");
        root.set("label-weight", Css.whole(look.number("labelWeight")));
        root.set("size", Css.decimal(100 * look.number("bodySize") / USUAL_SIZE) + "%");
        root.set("line-height", Css.decimal(look.number("lineHeight") / 100));
        scale(root, look.number("typeScale") / 100, look.number("bodySize"));
        double title = look.number("titleSize") / 100;
        root.set("title-size", Css.decimal(title));
    }

    /** Sizes that grow with the window between {@link #NARROW} and {@link #WIDE}, the larger the more. */
    private static void scale(Css root, double step, double px) {
        double wide = 1;
        for (int i = 1; i <= SIZES; i++) {
            wide *= step;
            double narrow = 1 + (wide - 1) * NARROW_SHARE;
            double slope = (wide - narrow) * px / (WIDE - NARROW);
            String grows = Css.decimal(narrow - slope * NARROW / px) + "rem + " + Css.decimal(100 * slope) + "vw";
            root.set("s" + i, "clamp(" + Css.decimal(narrow) + "rem," + grows + "," + Css.decimal(wide) + "rem)");
        }
    }
}
