package venue.core.show.render;

import java.util.LinkedHashMap;
import java.util.Map;

/** The few style rules that are one page's own: exact distances, durations, tiles. Equal rules share a class. */
final class PageRules {

    private final Map<String, String> classes = new LinkedHashMap<>();

    /** The class that carries the declarations; {@code part} is what follows the class in the selector, or empty. */
    String rule(String part, String declarations) {
        return classes.computeIfAbsent(part + "{" + declarations + "}", k -> "x" + (classes.size() + 1));
    }

    boolean isEmpty() {
        return classes.isEmpty();
    }

    /** The rules as a stylesheet. They hold numbers and addresses of our own making only. */
    String css() {
        StringBuilder css = new StringBuilder();
        classes.forEach((rule, name) -> css.append('.').append(name).append(rule));
        return css.toString();
    }
}
