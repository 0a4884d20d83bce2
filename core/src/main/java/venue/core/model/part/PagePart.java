package venue.core.model.part;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;

/**
 * A part of a page that is worked out and not written. Whether it shows is said by the page itself, else by its kind, else by its
 * template, which says nothing of it at first.
 */
public enum PagePart {
    AROUND("partAround", "Pages around", "beside=Those beside it and beneath it", "beneath=Those beneath it"),
    CONTENTS("partContents", "Contents list", "shown=Shown"),
    DATE("partDate", "Date", "shown=Shown"),
    PERSON("partPerson", "Person", "shown=Shown"),
    TOPICS("partTopics", "Topics", "shown=Shown"),
    FILES("partFiles", "Its files, to take along", "shown=Shown"),
    RELATED("partRelated", "Pages with its topics", "shown=Shown"),
    NEIGHBOURS("partNeighbours", "Before and after it", "shown=Shown");

    /** The heading under which they are set. */
    public static final String GROUP = "Parts of the page";

    /** The way of what is not shown. */
    public static final String NONE = "none";

    private final String key;
    private final String label;
    private final List<String> ways;

    PagePart(String key, String label, String... ways) {
        this.key = key;
        this.label = label;
        this.ways = List.of(ways);
    }

    /** The key of its setting on pages, kinds and templates. */
    public String key() {
        return key;
    }

    /** The settings by which pages say it. */
    public static List<Property> ofPages() {
        return all("usual=As usual");
    }

    public static List<Property> ofKinds() {
        return all("template=As the template says");
    }

    /** Date and person stand in the title band where the look has them. */
    public static List<Property> ofTemplates() {
        return Arrays.stream(values())
                .map(p -> p == DATE || p == PERSON ? p.setting("look=As the look says") : p.setting(""))
                .toList();
    }

    private static List<Property> all(String usual) {
        return Arrays.stream(values()).map(p -> p.setting(usual)).toList();
    }

    private Property setting(String usual) {
        String not = NONE + "=Not shown";
        List<String> choices = new ArrayList<>(usual.isEmpty() ? List.of(not) : List.of(usual));
        choices.addAll(ways);
        if (!usual.isEmpty()) {
            choices.add(not);
        }
        return Property.choice(key, label, choices.toArray(String[]::new)).under(GROUP);
    }

    /**
     * How it shows: {@code shown} or another of its ways, {@link #NONE}, or empty where nobody has said.
     *
     * @param says settings of the page, its kind and its template, whoever says it first
     */
    public String way(Stream<Map<String, Value>> says) {
        return says.map(s -> Values.text(s, key))
                .filter(w -> w.equals(NONE) || ways.stream().anyMatch(v -> v.startsWith(w + "=")))
                .findFirst()
                .orElse("");
    }
}
