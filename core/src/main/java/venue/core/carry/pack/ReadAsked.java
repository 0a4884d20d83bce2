package venue.core.carry.pack;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How a pack is to be read.
 *
 * @param differing what becomes of items that are here and differ
 * @param each the same for some of them, by their id in the pack
 * @param how where a page comes
 * @param at the page beneath which, or in place of which, it comes; absent for the top
 * @param wearItsLook whether the site wears the look that a whole site brings
 * @param keepsNames whether what is named and not here stays named, for whoever takes it from here and knows it
 * @param wornBy the kind whose pages may wear the template that it was saved for; absent for none more than before
 */
public record ReadAsked(
        Differing differing,
        Map<String, Differing> each,
        How how,
        @Nullable String at,
        boolean wearItsLook,
        boolean keepsNames,
        @Nullable String wornBy) {

    /** What becomes of an item that is here and differs. */
    public enum Differing {
        MINE,
        THEIRS,
        /** The pack's comes under another name. */
        BOTH,
        /** Both changes come together where it is known what it was when it came; else what is here stays. */
        MERGED
    }

    /** Where a page comes. */
    public enum How {
        UNDER,
        IN_PLACE_OF,
        /** Its sections come into the patterns, and it does not. */
        ONLY_PATTERNS
    }

    /** The usual answer: items that are here already stay as they are, and pages are placed at the top of the plan. */
    public static final ReadAsked USUAL = all(Differing.MINE);

    public ReadAsked {
        each = Map.copyOf(each);
    }

    /** The same becomes of all that differs, and pages come at the top. */
    public static ReadAsked all(Differing differing) {
        return new ReadAsked(differing, Map.of(), How.UNDER, null, false, false, null);
    }

    /** What becomes of some is told; the rest of what differs stays as it is here. */
    public static ReadAsked each(Map<String, Differing> each) {
        return new ReadAsked(Differing.MINE, each, How.UNDER, null, false, false, null);
    }

    /** What differs gives way, and what is named stays so: what is given to all sites. */
    public static ReadAsked given() {
        return new ReadAsked(Differing.THEIRS, Map.of(), How.UNDER, null, false, true, null);
    }

    /** What is new comes and what has moved on is merged, for pages of a kind to wear. */
    public static ReadAsked together(@Nullable String wornBy) {
        return new ReadAsked(Differing.MERGED, Map.of(), How.UNDER, null, false, false, wornBy);
    }

    /** Whether another copy of an item is wanted, even where it is here as it is. */
    boolean wantsAnother(String item) {
        return each.get(item) == Differing.BOTH;
    }

    Differing of(String item) {
        return each.getOrDefault(item, differing);
    }
}
