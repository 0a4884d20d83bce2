package venue.core.edition.usage;

import java.util.stream.Collectors;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Group;

/** For whom something is, in words. */
public final class GateWords {

    private GateWords() {}

    /** As it stands within a sentence: “everyone”, “members”, “Crew and Friends”. */
    public static String of(Edition edition, Audience audience) {
        return switch (audience.who()) {
            case EVERYONE -> "everyone";
            case MEMBERS -> "members";
            case GROUPS -> groups(edition, audience);
            case US -> "us";
            case STRANGERS -> "strangers";
        };
    }

    private static String groups(Edition edition, Audience audience) {
        String names = audience.groups().stream()
                .flatMap(id -> edition.find(Group.class, id).stream())
                .map(Group::name)
                .sorted()
                .collect(Collectors.joining(", "));
        int last = names.lastIndexOf(", ");
        return names.isEmpty()
                ? "nobody"
                : last < 0 ? names : names.substring(0, last) + " and " + names.substring(last + 2);
    }
}
