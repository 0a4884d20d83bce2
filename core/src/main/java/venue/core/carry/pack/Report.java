package venue.core.carry.pack;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.ItemSort;

/**
 * What reading a pack would do.
 *
 * @param name what the item is called that it was saved for
 * @param gone names of what its pages lead to or are made for that is neither in it nor here: links become places to fill
 * @param clashing names of what was changed in the same part here and there: what is here stands
 * @param look the name of the look that a whole site brings; absent for any other pack
 * @param steps how many items would be put
 */
public record Report(
        Pack.Holds holds,
        String name,
        @JsonUnwrapped PackLines lines,
        List<String> gone,
        List<String> clashing,
        @Nullable String look,
        int steps) {

    /**
     * Its items, by what is here.
     *
     * @param fresh what is not here yet
     * @param same what is here already, as it is
     * @param differing what is here and differs
     */
    public record PackLines(List<PackLine> fresh, List<PackLine> same, List<PackLine> differing) {}

    /**
     * An item of a pack.
     *
     * @param id its id in the pack
     * @param note what it says of itself: what a template is for, what a look suits; or empty
     * @param address where a page would be served; absent for any other item
     * @param choice what would become of it, where it differs
     */
    public record PackLine(
            String id,
            ItemSort sort,
            String name,
            String note,
            @Nullable String address,
            ReadAsked.@Nullable Differing choice) {}
}
