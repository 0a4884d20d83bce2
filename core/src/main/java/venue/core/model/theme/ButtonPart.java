package venue.core.model.theme;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;

import java.util.List;
import venue.core.model.property.PropertyGroup;

/** Buttons in two ranks: what leads on, and what is asked for. */
final class ButtonPart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "buttons",
                "Buttons",
                List.of(
                        choice("buttonShape", "Shape", "round=Round", "soft=Soft corners", "square=Square"),
                        choice(
                                "buttonStrong",
                                "Strong ones",
                                "filled=Filled with accent",
                                "inked=Filled with words' colour",
                                "lined=Words over a line"),
                        choice("buttonFill", "Plain ones", "outline=Outlined", "tinted=Tinted", "filled=Filled"),
                        number("buttonLine", "Outline", 1, 4, 1, "px"),
                        choice("buttonCase", "Case", "as-written=As written", "upper=Capitals"),
                        number("buttonSize", "Size", 80, 130, 100, "%"),
                        choice(
                                "buttonHover",
                                "Under the pointer",
                                "rule=A line inside",
                                "turn=Colours change places",
                                "lift=Lifted")));
    }

    @Override
    public void write(Look look, Css root) {
        root.set("button-radius", radius(look.text("buttonShape")));
        root.px("button-line", look.number("buttonLine"));
        root.set("button-case", Css.casing(look.text("buttonCase")));
        root.set("button-spacing", look.text("buttonCase").equals("upper") ? ".06em" : "0");
        root.set("button-size", Css.decimal(look.number("buttonSize") / 100));
    }

    private static String radius(String shape) {
        return switch (shape) {
            case "square" -> "0";
            case "soft" -> "6px";
            default -> "99px";
        };
    }
}
