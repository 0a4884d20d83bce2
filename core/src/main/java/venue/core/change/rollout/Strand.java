package venue.core.change.rollout;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.model.section.Section;

/**
 * One section of an origin on one page.
 *
 * @param origin the id of the section in the origin
 * @param key the page's own section, or {@code new-} and the origin's for one that would come
 * @param now as the page has it; absent for one that would come
 * @param then as it would be when it follows; absent when it would go
 * @param conflicts parts that both sides have changed, as paths; following takes the origin's
 */
public record Strand(
        String origin,
        String key,
        Spot spot,
        State state,
        @Nullable Section now,
        @Nullable Section then,
        List<String> conflicts) {

    /**
     * @param zone where it stands, or would stand
     * @param index where a section that comes would stand in its zone; -1 for the others
     */
    public record Spot(String zone, int index) {}

    /** What begins the key of a section that would come. */
    static final String NEW = "new-";

    /** How a section stands to a change of its origin. */
    public enum State {
        /** There is nothing to carry: it is as the origin is, or the origin has not changed. */
        DONE,
        /** Untouched on the page: it will be as the origin is now. */
        FOLLOWS,
        /** Both have changed different parts: it will have both. */
        MERGES,
        /** New in the origin: it will be put in. */
        COMES,
        /** Gone from the origin and untouched on the page: it will be taken off. */
        GOES,
        /** The page is left alone on purpose: nothing is done. */
        LEFT,
        /** The page had it, or was offered it, and goes without: nothing is done unless that is chosen. */
        WITHOUT,
        /** Both have changed the same part, or what is gone from the origin was adapted here: somebody must choose. */
        ASKS
    }

    /** The decision where nobody has made one; null for a strand on which somebody must decide. */
    @Nullable
    Decision usual() {
        return switch (state) {
            case ASKS -> null;
            case WITHOUT -> Decision.KEEP;
            default -> Decision.FOLLOW;
        };
    }

    boolean isOpen() {
        return state != State.DONE && state != State.LEFT && state != State.WITHOUT;
    }
}
