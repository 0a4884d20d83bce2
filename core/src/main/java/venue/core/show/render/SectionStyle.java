package venue.core.show.render;

import java.util.ArrayList;
import java.util.List;
import venue.core.basics.value.Value;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.body.scene.Props;
import venue.core.model.media.Media;
import venue.core.model.section.Section;
import venue.core.model.theme.Texture;

/** Turns a section's settings into classes of the site's stylesheet, and exact values into rules of the page's own. */
final class SectionStyle {

    private final PageRules rules;

    SectionStyle(PageRules rules) {
        this.rules = rules;
    }

    String classes(Section section, Props settings) {
        List<String> classes = new ArrayList<>();
        classes.add("s");
        classes.add("t-" + settings.text("tone"));
        unlessUsual(classes, settings, "space", "medium", "p-");
        unlessUsual(classes, settings, "align", "start", "a-");
        unlessUsual(classes, settings, "height", "content", "m-");
        unlessUsual(classes, settings, "width", "page", "width-");
        unlessUsual(classes, settings, "gap", "none", "o-");
        unlessUsual(classes, settings, "hiddenOn", "none", "no-");
        if (!settings.text("back").equals("none")) {
            classes.add("own");
        }
        if (isOpening(section)) {
            classes.add(Backdrop.isPictured(settings) ? "opening pic" : "opening");
        }
        ground(classes, settings);
        exact(classes, settings);
        String moving = reveal(settings);
        if (!moving.isEmpty()) {
            classes.add(moving);
        }
        if (settings.flag("joined")) {
            classes.add("joined");
        }
        return String.join(" ", classes) + rules.cards(settings.text("cards"));
    }

    /** A section with a heading of display size opens a page. */
    static boolean isOpening(Section section) {
        return section.elements()
                .anyMatch(e -> Elements.is(e, ElementKind::isHeading)
                        && Value.of("display").equals(e.props().get("size")));
    }

    String columns(Props settings) {
        return "cols"
                + (settings.text("tiles").equals("cards") ? " cards" : "")
                + (settings.text("stacks").equals("reversed") ? " rev" : "");
    }

    private static void unlessUsual(List<String> classes, Props settings, String key, String usual, String prefix) {
        if (!settings.text(key).equals(usual)) {
            classes.add(prefix + settings.text(key));
        }
    }

    private void ground(List<String> classes, Props settings) {
        switch (settings.text("back")) {
            case "colour" -> classes.add("bk-" + settings.text("backColour"));
            case "gradient" -> {
                classes.add("g gf-" + settings.text("backFrom") + " gt-" + settings.text("backTo"));
                unlessUsual(classes, settings, "backTowards", "below", "g-");
            }
            case "texture" -> classes.add("tx " + rules.rule("", Texture.declared(settings.text("texture"))));
            case "tile" -> settings.media("tile").ifPresent(m -> classes.add("tile " + tile(rules, m)));
            default -> {
                // the tone's own ground; a picture is an element of its own
            }
        }
    }

    /** The class by which a picture is repeated. */
    static String tile(PageRules rules, Media picture) {
        String file = picture.path(picture.widths().get(0));
        return rules.rule("::before", "background:url(" + file + ") 0 0/240px");
    }

    private void exact(List<String> classes, Props settings) {
        if (settings.text("space").equals("exact")) {
            String space = settings.number("spaceAbove") + "px " + settings.number("spaceBelow") + "px";
            classes.add(rules.rule(" .in", "padding-block:" + space));
        }
        if (settings.text("gap").equals("exact")) {
            classes.add(rules.rule("", "margin-block:" + settings.number("gapExact") + "px"));
        }
        if (settings.number("radius") > 0) {
            classes.add(rules.rule("", "border-radius:" + settings.number("radius") + "px;overflow:clip"));
        }
    }

    /** How a section or an element comes into view; empty where it is there at once. */
    String reveal(Props settings) {
        if (settings.text("reveal").equals("none")) {
            return "";
        }
        return "rv rv-" + settings.text("reveal") + " "
                + rules.rule(
                        "",
                        "--after:" + settings.number("delayMs") + "ms;--takes:" + settings.number("durationMs") + "ms");
    }

    /** The classes of a column apart from the others, with a space before them; empty where it is as usual. */
    String column(Props settings) {
        String ground = settings.text("ground");
        boolean colour = ground.equals("colour");
        if (ground.equals("none") || colour && !settings.has("groundColour")) {
            return "";
        }
        return " apart "
                + (colour ? rules.rule("", "background:" + settings.text("groundColour")) : "t-" + ground)
                + " cp-" + settings.text("padding") + " cr-" + settings.text("corners");
    }
}
