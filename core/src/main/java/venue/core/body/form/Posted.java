package venue.core.body.form;

import java.util.List;
import java.util.Map;
import venue.core.basics.text.Letters;

/** What came with a form, by the names of its controls. */
public record Posted(Map<String, List<String>> values) {

    public static final Posted NOTHING = new Posted(Map.of());

    public Posted {
        values = Map.copyOf(values);
    }

    /** All that came under a name, cleaned, without what is empty. */
    public List<String> all(String name) {
        return values.getOrDefault(name, List.of()).stream()
                .map(v -> Letters.clean(v.replaceAll("\r\n?", "\n")).strip())
                .filter(v -> !Letters.isUnseen(v))
                .toList();
    }

    /** The first of it; empty for nothing. */
    public String one(String name) {
        return all(name).stream().findFirst().orElse("");
    }
}
