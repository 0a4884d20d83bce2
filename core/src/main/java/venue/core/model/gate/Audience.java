package venue.core.model.gate;

import java.util.Collections;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;

/**
 * For whom something is.
 *
 * @param groups ids of the groups whose members it is for, where it is for {@link Who#GROUPS}
 */
public record Audience(Who who, Set<String> groups) {

    /** Sorts of audience, each by the name under which it is kept. */
    public enum Who {
        EVERYONE("everyone"),
        MEMBERS("members"),
        GROUPS("groups"),
        /** The people who make the site. */
        US("us"),
        /** Everybody who has not signed in. */
        STRANGERS("strangers");

        private final String key;

        Who(String key) {
            this.key = key;
        }

        public String key() {
            return key;
        }
    }

    public static final Audience EVERYONE = new Audience(Who.EVERYONE, Set.of());

    public static final Audience MEMBERS = new Audience(Who.MEMBERS, Set.of());

    public static final Audience US = new Audience(Who.US, Set.of());

    public Audience {
        groups = groups == null ? Set.of() : Set.copyOf(groups);
    }

    public static Audience of(Set<String> groups) {
        return new Audience(Who.GROUPS, groups);
    }

    /** Whether somebody is of it; those who make the site are of every one. */
    public boolean holds(Visitor visitor) {
        return visitor.as() == Visitor.As.US
                || switch (who) {
                    case EVERYONE -> true;
                    case STRANGERS -> visitor.isStranger();
                    case MEMBERS -> !visitor.isStranger();
                    case GROUPS -> !Collections.disjoint(groups, visitor.groups());
                    case US -> false;
                };
    }

    /** Whether everybody whom it is for is of another, too. */
    public boolean isWithin(Audience other) {
        return switch (other.who) {
            case EVERYONE -> true;
            case MEMBERS -> who == Who.MEMBERS || who == Who.GROUPS || who == Who.US;
            case GROUPS -> who == Who.US || who == Who.GROUPS && other.groups.containsAll(groups);
            case US -> who == Who.US;
            case STRANGERS -> who == Who.STRANGERS;
        };
    }

    /** The audience that settings give under a key; empty where they leave it to others. */
    static Stream<Audience> in(Map<String, Value> settings, String key) {
        String said = Values.text(settings, key);
        return Stream.of(Who.values())
                .filter(w -> w.key.equals(said))
                .map(w ->
                        new Audience(w, w == Who.GROUPS ? groups(settings.get(key + GateSettings.GROUPS)) : Set.of()));
    }

    private static Set<String> groups(@Nullable Value value) {
        return value instanceof Value.Many many
                ? many.groups().stream()
                        .map(g -> Values.text(g, GateSettings.GROUP))
                        .filter(id -> !id.isEmpty())
                        .collect(Collectors.toUnmodifiableSet())
                : Set.of();
    }
}
