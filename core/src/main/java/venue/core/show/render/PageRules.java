package venue.core.show.render;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import venue.core.model.theme.CardShape;

/** The few style rules that are one page's own: exact distances, durations, tiles. Equal rules share a class. */
final class PageRules {

    private final Map<String, String> classes = new LinkedHashMap<>();
    private final Set<String> cards = new TreeSet<>();

    /** The class that carries the declarations; {@code part} is what follows the class in the selector, or empty. */
    String rule(String part, String declarations) {
        return classes.computeIfAbsent(part + "{" + declarations + "}", k -> "x" + (classes.size() + 1));
    }

    /** The class under which cards stand as the choice says, with a space before it; empty where the look says it. */
    String cards(String choice) {
        if (!CardShape.isOwn(choice)) {
            return "";
        }
        cards.add(choice);
        return " " + CardShape.classOf(choice);
    }

    boolean isEmpty() {
        return classes.isEmpty() && cards.isEmpty();
    }

    /** The rules as a stylesheet. They hold numbers and addresses of our own making only. */
    String css() {
        StringBuilder css = new StringBuilder();
        classes.forEach((rule, name) -> css.append('.').append(name).append(rule));
        cards.forEach(choice -> css.append(CardShape.rules(choice)));
        return css.toString();
    }
}
