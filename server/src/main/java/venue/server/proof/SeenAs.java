package venue.server.proof;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.model.gate.Visitor;

/** Somebody as whom those who make a site look at it, as it is written in addresses. */
public final class SeenAs {

    public static final String STRANGER = "stranger";
    public static final String MEMBER = "member";
    public static final String US = "us";

    private static final String FORM = "[a-z0-9-]{1,40}(\\.[a-z0-9-]{1,40}){0,50}";

    private SeenAs() {}

    public static boolean isWritten(String as) {
        return as.matches(FORM);
    }

    /** @param as {@code stranger}, {@code us}, {@code member}, or ids of groups with full stops between */
    public static Visitor of(String as) {
        return switch (as) {
            case STRANGER -> Visitor.STRANGER;
            case US -> Visitor.US;
            case MEMBER -> Visitor.member(Set.of());
            default -> Visitor.member(Arrays.stream(as.split("\\.")).collect(Collectors.toSet()));
        };
    }

    /** The same as it is written. */
    public static String written(Visitor visitor) {
        return switch (visitor.as()) {
            case STRANGER -> STRANGER;
            case US -> US;
            case MEMBER ->
                visitor.groups().isEmpty()
                        ? MEMBER
                        : visitor.groups().stream().sorted().collect(Collectors.joining("."));
        };
    }
}
