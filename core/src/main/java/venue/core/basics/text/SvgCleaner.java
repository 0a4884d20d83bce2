package venue.core.basics.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;
import venue.core.basics.fault.Refusal;

/**
 * Leaves of an SVG 1.1 drawing what draws: elements, attributes and words, and nothing that runs, loads, or leads anywhere.
 * Parts that are drawn again by reference are counted as often as they are drawn.
 */
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
    private static final Pattern LOCAL_URL = Pattern.compile("url\\(\\s*['\"]?#([\\w-]+)['\"]?\\s*\\)");
    /** What could hide an address (CSS Syntax 3, escapes and comments) or fetch one. */
    private static final Pattern DOUBTFUL = Pattern.compile("\\\\|/\\*|url\\(|image\\(|image-set\\(|src\\(|@import");

    /** Names whose removal is told to whoever brought the file. Other removed names are left-overs of drawing programs. */
    private static final Pattern RUNS =
            Pattern.compile("script|foreignobject|iframe|image|a|animate|set|handler|on[a-z]+|href|xlink:href");

    private static final int MOST_DRAWN = 50_000;
    private static final int DEEPEST = 500;

    /**
     * A drawing, with its size in pixels.
     *
     * @param takenOut names of what ran in it, loaded something or led elsewhere, as it stood there
     */
    public record Drawing(String svg, int width, int height, List<String> takenOut) {}

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
        svg.forEachNode(node -> {
            if (!(node instanceof Element) && !(node instanceof TextNode)) {
                node.remove();
            }
        });
        Set<String> takenOut = new TreeSet<>();
        for (Element element : List.copyOf(svg.getAllElements())) {
            if (TAGS.contains(element.normalName().toLowerCase(Locale.ROOT))) {
                List.copyOf(element.attributes().asList()).stream()
                        .filter(a -> !isHarmless(element, a))
                        .forEach(a -> {
                            if (RUNS.matcher(a.getKey().toLowerCase(Locale.ROOT))
                                    .matches()) {
                                takenOut.add(a.getKey());
                            }
                            element.removeAttr(a.getKey());
                        });
            } else {
                if (RUNS.matcher(element.normalName()).matches()) {
                    takenOut.add(element.normalName());
                }
                element.remove();
            }
        }
        requireBounded(svg);
        svg.attr("xmlns", "http://www.w3.org/2000/svg");
        document.outputSettings().prettyPrint(false);
        return Optional.of(
                new Drawing(svg.outerHtml(), side(svg, "width", 2), side(svg, "height", 3), List.copyOf(takenOut)));
    }

    private static boolean isHarmless(Element element, Attribute attribute) {
        String key = attribute.getKey().toLowerCase(Locale.ROOT);
        String value = attribute.getValue();
        if (key.equals("href") || key.equals("xlink:href")) {
            return element.normalName().equals("use") && value.startsWith("#");
        }
        String rest = LOCAL_URL.matcher(value).replaceAll("").toLowerCase(Locale.ROOT);
        return ATTRIBUTE.matcher(key).matches() && !DOUBTFUL.matcher(rest).find();
    }

    private static void requireBounded(Element svg) {
        Map<String, Element> byId = new HashMap<>();
        svg.getAllElements().stream().filter(e -> !e.id().isEmpty()).forEach(e -> byId.putIfAbsent(e.id(), e));
        long drawn = drawn(svg, byId, new HashMap<>(), 0);
        if (drawn > MOST_DRAWN) {
            throw Refusal.badInput(
                    "drawing-too-heavy",
                    "file",
                    "This drawing repeats its parts until more than " + MOST_DRAWN + " shapes are drawn.",
                    "Save it with fewer parts that are drawn again, or as a picture.");
        }
    }

    /** How many elements are drawn, each reference followed; one that leads back to itself draws without end. */
    private static long drawn(Element element, Map<String, Element> byId, Map<Element, Long> known, int depth) {
        Long before = known.putIfAbsent(element, MOST_DRAWN + 1L);
        if (before != null || depth > DEEPEST) {
            return before == null ? MOST_DRAWN + 1L : before;
        }
        long count = 1;
        for (String id : references(element)) {
            Element part = byId.get(id);
            count += part == null ? 0 : drawn(part, byId, known, depth + 1);
        }
        for (Element child : element.children()) {
            count = Math.min(MOST_DRAWN + 1L, count + drawn(child, byId, known, depth + 1));
        }
        known.put(element, Math.min(MOST_DRAWN + 1L, count));
        return known.get(element);
    }

    private static List<String> references(Element element) {
        List<String> ids = new ArrayList<>();
        for (Attribute attribute : element.attributes()) {
            if (attribute.getKey().toLowerCase(Locale.ROOT).endsWith("href")) {
                ids.add(attribute.getValue().substring(1));
            }
            LOCAL_URL.matcher(attribute.getValue()).results().forEach(m -> ids.add(m.group(1)));
        }
        return ids;
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
