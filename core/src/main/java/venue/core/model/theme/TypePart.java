package venue.core.model.theme;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;

import java.util.List;
import java.util.stream.Stream;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;

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
    private static final String EACH = "levels=each";

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "type",
                "Type",
                Stream.of(headings(), text(), labels(), levels())
                        .flatMap(s -> s)
                        .toList());
    }

    private static Stream<Property> headings() {
        return Stream.concat(
                Voice.declared("heading", "Headings", FontFamily.FRAUNCES, ""),
                Stream.of(
                        number("headingWeight", "Heading weight", 200, 900, 600, "")
                                .help("What the family has not is drawn in the nearest weight that it has."),
                        choice("headingCase", "Heading case", "as-written=As written", "upper=Capitals"),
                        number("headingHeight", "Line height of headings", 90, 150, 114, "%"),
                        number("headingSpacing", "Letter spacing of headings", -60, 200, -15, "‰")
                                .help("In thousandths of the letters' size.")));
    }

    private static Stream<Property> text() {
        return Stream.concat(
                Voice.declared("body", "Text", FontFamily.LITERATA, ""),
                Stream.of(
                        number("bodySize", "Text size", 14, 24, 18, "px"),
                        number("bodyWeight", "Text weight", 300, 600, 400, ""),
                        number("lineHeight", "Line height", 120, 200, 160, "%"),
                        number("typeScale", "Step between sizes", 105, 160, 125, "%"),
                        number("titleSize", "Titles of pages and openings", 60, 140, 100, "%")
                                .help("Of the size that the steps give them.")));
    }

    private static Stream<Property> labels() {
        return Stream.concat(
                Voice.declared("label", "Labels", FontFamily.INSTRUMENT_SANS, "Menus, dates, captions, buttons."),
                Stream.of(
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

    private static Stream<Property> levels() {
        return Stream.of(
                choice(
                        "levels",
                        "Headings of sections",
                        "one=All alike but for their size",
                        "each=Each level of its own"),
                weight("levelTwoWeight", "Second level: weight"),
                casing("levelTwoCase", "Second level: case"),
                size("levelTwoSize", "Second level: size"),
                weight("levelThreeWeight", "Third level: weight"),
                casing("levelThreeCase", "Third level: case"),
                size("levelThreeSize", "Third level: size"),
                weight("levelFourWeight", "Fourth level and below: weight"),
                casing("levelFourCase", "Fourth level and below: case"),
                size("levelFourSize", "Fourth level and below: size"));
    }

    private static Property weight(String key, String label) {
        return number(key, label, 200, 900, 600, "").onlyWhen(EACH);
    }

    private static Property casing(String key, String label) {
        return choice(key, label, "none=As written", "uppercase=Capitals").onlyWhen(EACH);
    }

    private static Property size(String key, String label) {
        return number(key, label, 60, 160, 100, "%").onlyWhen(EACH).help("Of the size that the steps give it.");
    }

    /** Levels apart from the others; the size is a share of what a heading has where it stands. */
    @Override
    public String rules(Look look, Files files) {
        return look.text("levels").equals("one")
                ? ""
                : level(look, "Two", "h2.h,h2")
                        + level(look, "Three", "h3.h,h3")
                        + level(look, "Four", "h4.h,h4,h5,h6");
    }

    private static String level(Look look, String name, String selector) {
        String key = "level" + name;
        return "main :is(" + selector + "){font-weight:" + Css.whole(look.number(key + "Weight")) + ";text-transform:"
                + look.text(key + "Case") + ";--level:" + Css.decimal(look.number(key + "Size") / 100) + "}";
    }

    @Override
    public void write(Look look, Css root) {
        for (String voice : List.of("heading", "body", "label")) {
            root.set(voice, Voice.css(look, voice));
        }
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

    /** Sizes that grow with the window between {@link #NARROW} and {@link #WIDE}; larger sizes grow by more. */
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
