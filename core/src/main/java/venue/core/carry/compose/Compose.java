package venue.core.carry.compose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import venue.core.basics.value.Value;
import venue.core.model.section.Column;
import venue.core.model.section.Element;
import venue.core.model.section.Section;

/** Sections written down in code: for ready-made patterns and templates, and for sites that are made by a program. */
public final class Compose {

    /** An element that has no id yet; the section gives it one. */
    public record Part(String kind, Map<String, Value> props) {

        public Part with(String key, String text) {
            return with(key, Value.of(text));
        }

        public Part with(String key, Value value) {
            Map<String, Value> more = new TreeMap<>(props);
            more.put(key, value);
            return new Part(kind, more);
        }
    }

    private Compose() {}

    /** An element of any kind, with nothing given yet. */
    public static Part part(String kind) {
        return new Part(kind, Map.of());
    }

    /** One group of a list, as key, value, key, value; words are to fill where they end in an ellipsis. */
    public static Map<String, Value> group(String... pairs) {
        Map<String, Value> group = new TreeMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            String words = pairs[i + 1];
            boolean waits = words.endsWith("…");
            group.put(pairs[i], waits ? fill(words.substring(0, words.length() - 1)) : Value.of(words));
        }
        return group;
    }

    /** Several groups, as the list that an element holds. */
    @SafeVarargs
    public static Value list(Map<String, Value>... groups) {
        List<Map<String, Value>> all = new ArrayList<>();
        for (Map<String, Value> group : groups) {
            all.add(group);
        }
        return new Value.Many(all);
    }

    public static Value fill(String prompt) {
        return new Value.ToFill(prompt);
    }

    public static Value bound(String source) {
        return new Value.Bound(source);
    }

    public static Part heading(Value text) {
        return new Part("heading", Map.of("text", text));
    }

    public static Part heading(String text) {
        return heading(Value.of(text));
    }

    public static Part text(Value html) {
        return new Part("text", Map.of("text", html));
    }

    public static Part text(String html) {
        return text(Value.of(html));
    }

    public static Part lead(Value html) {
        return text(html).with("size", "lead");
    }

    public static Part image(Value picture) {
        return new Part("image", Map.of("picture", picture));
    }

    public static Part quote(Value words, Value person) {
        return new Part("quote", Map.of("words", words, "person", person));
    }

    public static Part facts() {
        return new Part("facts", Map.of());
    }

    public static Part divider(String shape) {
        return new Part("divider", Map.of("shape", Value.of(shape)));
    }

    /** A row of one button. */
    public static Part button(Value label, String link) {
        return new Part("buttons", Map.of("buttons", new Value.Many(List.of(linked(label, link)))));
    }

    /** A row of one strong button. */
    public static Part strongButton(Value label, String link) {
        Map<String, Value> button = new TreeMap<>(linked(label, link));
        button.put("weight", Value.of("strong"));
        return new Part("buttons", Map.of("buttons", new Value.Many(List.of(button))));
    }

    private static Map<String, Value> linked(Value label, String link) {
        return link.isEmpty() ? Map.of("label", label) : Map.of("label", label, "link", Value.of(link));
    }

    /** Links, each as {@code words|target}. */
    public static Part links(String... lines) {
        return new Part("links", Map.of("links", pairs("label", "link", lines)));
    }

    /** Questions, each as {@code question|answer}. */
    public static Part questions(String... lines) {
        return new Part("questions", Map.of("questions", pairs("question", "answer", lines)));
    }

    private static Value pairs(String first, String second, String... lines) {
        return new Value.Many(Arrays.stream(lines)
                .map(l -> l.split("\\|", 2))
                .map(l -> Map.of(first, Value.of(l[0]), second, Value.of(l[1])))
                .toList());
    }

    public static Part listing(String kind, String which, String order, int limit, String shape) {
        return new Part(
                "listing",
                Map.of(
                        "kind", Value.of(kind),
                        "which", Value.of(which),
                        "order", Value.of(order),
                        "limit", Value.of(limit),
                        "shape", Value.of(shape)));
    }

    /** One column of the given width in twelfths. */
    public static List<Object> column(int span, Part... parts) {
        List<Object> column = new ArrayList<>();
        column.add(span);
        column.addAll(Arrays.asList(parts));
        return column;
    }

    /** A section of one column. */
    public static Section section(String id, String name, Part... parts) {
        return columns(id, name, column(12, parts));
    }

    @SafeVarargs
    public static Section columns(String id, String name, List<Object>... columns) {
        List<Column> made = new ArrayList<>();
        int next = 1;
        for (List<Object> column : columns) {
            List<Element> elements = new ArrayList<>();
            for (Object part : column.subList(1, column.size())) {
                elements.add(new Element("e" + next++, ((Part) part).kind(), ((Part) part).props()));
            }
            made.add(new Column("c" + (made.size() + 1), (Integer) column.get(0), elements));
        }
        return new Section(id, name, null, made, Map.of(), null, null);
    }

    /** The section in a tone. */
    public static Section toned(String tone, Section section) {
        return section.with("tone", Value.of(tone));
    }
}
