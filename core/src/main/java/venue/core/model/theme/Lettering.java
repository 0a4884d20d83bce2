package venue.core.model.theme;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;

import java.util.List;
import java.util.stream.Stream;
import venue.core.model.property.Property;

/**
 * How one line of a page is lettered where it differs from headings: the site's name, and the title in its band.
 *
 * @param key what its settings and custom properties begin with
 * @param selector what it is in the page
 * @param of what it is called after "Weight of"
 * @param plain whether it is written as it is and in the words' colour unless something is chosen; else it is as headings
 */
record Lettering(String key, String selector, String of, boolean plain) {

    private static final double THOUSAND = 1000;
    private static final String USUAL = "heading";
    private static final String HEADING = USUAL + "=As headings";

    List<Property> declared() {
        return List.of(
                choice(key + "Voice", "Family of " + of, HEADING, "body=As text", "label=As labels"),
                number(key + "Size", "Size of " + of, 60, 180, 100, "%"),
                choice(
                        key + "Weight",
                        "Weight of " + of,
                        HEADING,
                        "300=Light",
                        "400=Regular",
                        "500=Medium",
                        "600=Half bold",
                        "700=Bold",
                        "800=Extra bold"),
                choice(key + "Case", "Case of " + of, cases()),
                choice(key + "Colour", "Colour of " + of, colours()),
                number(key + "Spacing", "Letter spacing of " + of, -60, 300, 0, "‰")
                        .help("In thousandths of the letters' size, beside that of headings."),
                choice(key + "Lines", "Line height of " + of, HEADING, "0.95=Close", "1.15=Medium", "1.35=Open"),
                choice(key + "Under", "Line under " + of, "none=None", "line=Underlined", "rule=A rule beneath it"));
    }

    private String[] cases() {
        Stream<String> all = Stream.of("none=As written", "uppercase=Capitals", "lowercase=Small letters");
        return (plain ? all : Stream.concat(Stream.of(HEADING), all)).toArray(String[]::new);
    }

    private String[] colours() {
        Stream<String> others = Stream.of("link=As links", "quiet=Quiet");
        Stream<String> first = plain
                ? Stream.of("words=As the words", "headings=As headings")
                : Stream.of("headings=As headings", "words=As the words");
        return Stream.concat(first, others).toArray(String[]::new);
    }

    /** What is drawn by sliding: its effect is seen at once. */
    void write(Look look, Css root) {
        root.set(key + "-size", Css.decimal(look.number(key + "Size") / 100));
        if (look.number(key + "Spacing") != 0) {
            root.set(key + "-spacing", Css.decimal(look.number(key + "Spacing") / THOUSAND) + "em");
        }
    }

    /** Rules for what is not as the shared ones have it. */
    String rules(Look look) {
        StringBuilder css = new StringBuilder();
        chosen(css, look, "Voice", "font-family:var(--%s)", USUAL);
        chosen(css, look, "Weight", "font-weight:%s", USUAL);
        chosen(css, look, "Case", "text-transform:%s", plain ? "none" : USUAL);
        chosen(css, look, "Colour", "color:var(--%s)", plain ? "words" : "headings");
        chosen(css, look, "Lines", "line-height:%s", USUAL);
        css.append(
                switch (look.text(key + "Under")) {
                    case "line" ->
                        "text-decoration:underline;text-decoration-thickness:.06em;text-underline-offset:.16em;";
                    case "rule" -> "border-bottom:2px solid var(--link);padding-bottom:.14em;";
                    default -> "";
                });
        return css.isEmpty() ? "" : selector + "{" + css + "}";
    }

    private void chosen(StringBuilder css, Look look, String what, String declaration, String usual) {
        String value = look.text(key + what);
        if (!value.equals(usual)) {
            css.append(declaration.formatted(value)).append(';');
        }
    }
}
