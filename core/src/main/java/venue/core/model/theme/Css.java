package venue.core.model.theme;

import java.util.Locale;

/** Custom properties while they are written down. */
final class Css {

    private final StringBuilder css = new StringBuilder();

    Css set(String name, String value) {
        css.append("--").append(name).append(':').append(value).append(';');
        return this;
    }

    Css px(String name, double number) {
        return set(name, whole(number) + "px");
    }

    String declarations() {
        return css.toString();
    }

    static String whole(double number) {
        return String.valueOf(Math.round(number));
    }

    static String decimal(double number) {
        return String.format(Locale.ROOT, "%.3f", number)
                .replaceFirst("\\.?0+$", "")
                .replaceFirst("^(-?)0\\.", "$1.");
    }

    /** The value of {@code text-transform} for a choice of case. */
    static String casing(String chosen) {
        return chosen.equals("upper") ? "uppercase" : "none";
    }
}
