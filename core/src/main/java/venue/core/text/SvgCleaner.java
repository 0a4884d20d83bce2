package venue.core.text;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;

/** Leaves of an SVG 1.1 drawing what draws: nothing that runs, loads, or leads anywhere. */
public final class SvgCleaner {

    private static final Set<String> TAGS = Set.of(
            "svg",
            "g",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "defs",
            "symbol",
            "use",
            "title",
            "desc",
            "lineargradient",
            "radialgradient",
            "stop",
            "clippath",
            "mask",
            "pattern");
    private static final Pattern ATTRIBUTE = Pattern.compile(
            "id|class|d|points|x|y|x1|x2|y1|y2|cx|cy|r|rx|ry|dx|dy|width|height|viewbox|preserveaspectratio|transform|offset|fx|fy"
                    + "|gradientunits|gradienttransform|patternunits|patterntransform|clippathunits|maskunits|version|xmlns"
                    + "|(fill|stroke|stop|font|text|clip|opacity|mask|letter|word)[a-z-]*|opacity|role|aria-[a-z]+");
    private static final Pattern LOCAL_URL = Pattern.compile("url\\(\\s*#[\\w-]+\\s*\\)");

    /** A drawing, with its size in pixels. */
    public record Drawing(String svg, int width, int height) {}

    private SvgCleaner() {}

    /** The drawing that is left; empty when the text is no SVG. */
    public static Optional<Drawing> clean(String text) {
        Document document = Jsoup.parse(text, "", Parser.xmlParser());
        Element svg = document.children().stream()
                .filter(e -> e.normalName().equals("svg"))
                .findFirst()
                .orElse(null);
        if (svg == null) {
            return Optional.empty();
        }
        for (Element element : List.copyOf(svg.getAllElements())) {
            if (TAGS.contains(element.normalName().toLowerCase(Locale.ROOT))) {
                List.copyOf(element.attributes().asList()).stream()
                        .filter(a -> !isHarmless(element, a))
                        .forEach(a -> element.removeAttr(a.getKey()));
            } else {
                element.remove();
            }
        }
        svg.attr("xmlns", "http://www.w3.org/2000/svg");
        document.outputSettings().prettyPrint(false);
        return Optional.of(new Drawing(svg.outerHtml(), side(svg, "width", 2), side(svg, "height", 3)));
    }

    private static boolean isHarmless(Element element, Attribute attribute) {
        String key = attribute.getKey().toLowerCase(Locale.ROOT);
        String value = attribute.getValue();
        if (key.equals("href") || key.equals("xlink:href")) {
            return element.normalName().equals("use") && value.startsWith("#");
        }
        return ATTRIBUTE.matcher(key).matches()
                && !LOCAL_URL
                        .matcher(value)
                        .replaceAll("")
                        .toLowerCase(Locale.ROOT)
                        .contains("url(");
    }

    /** A side as the drawing says it, else as its view box does, else 300. */
    private static int side(Element svg, String key, int inViewBox) {
        Matcher pixels =
                Pattern.compile("^\\s*([0-9]{1,5})(\\.[0-9]+)?(px)?\\s*$").matcher(svg.attr(key));
        if (pixels.matches()) {
            return Math.max(1, Integer.parseInt(pixels.group(1)));
        }
        String[] box = svg.attr("viewBox").trim().split("[\\s,]+");
        return box.length == 4 && box[inViewBox].matches("[0-9]{1,5}(\\.[0-9]+)?")
                ? Math.max(1, (int) Double.parseDouble(box[inViewBox]))
                : 300;
    }
}
