package venue.core.model.kind;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;

/** The kinds that may stand beneath something, as pages, templates and kinds say it in their settings. */
public final class BeneathRule {

    private BeneathRule() {}

    /** What these settings say: absent when nothing is said, empty for nothing beneath. */
    public static Optional<List<String>> in(Map<String, Value> settings) {
        return settings.get(KindSettings.MAY_HOLD.key()) instanceof Value.Many many
                ? Optional.of(many.groups().stream()
                        .map(g -> Values.text(g, "kind"))
                        .filter(k -> !k.isEmpty())
                        .toList())
                : Optional.empty();
    }

    /** Settings with what others say of this in place of what they say themselves. */
    public static Map<String, Value> kept(Map<String, Value> settings, Map<String, Value> from) {
        String key = KindSettings.MAY_HOLD.key();
        return Values.with(settings, key, from.get(key));
    }

    public static Value listed(List<String> kinds) {
        return new Value.Many(
                kinds.stream().map(k -> Map.of("kind", Value.of(k))).toList());
    }
}
