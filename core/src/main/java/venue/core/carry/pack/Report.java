package venue.core.carry.pack;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.model.page.Page;

/**
 * What reading a pack would do.
 *
 * @param gone names of what its pages lead to or are made for that is neither in it nor here: links become places to fill
 * @param clashing names of what was changed in the same part here and there: what is here stands
 * @param look the name of the look that a whole site brings; absent for any other pack
 * @param steps how many items would be put
 */
public record Report(
        @JsonUnwrapped PackOf of,
        @JsonUnwrapped PackLines lines,
        List<String> gone,
        List<String> clashing,
        @Nullable String look,
        int steps) {

    /**
     * What it was saved for.
     *
     * @param root its id in the pack
     */
    public record PackOf(Pack.Holds holds, String root, String name) {}

    /**
     * Its items, by what is here.
     *
     * @param fresh what is not here yet
     * @param same what is here already, as it is
     * @param differing what is here and differs
     * @param replaced the pages that would be changed by it: what they were goes into their histories
     */
    public record PackLines(
            List<PackLine> fresh, List<PackLine> same, List<PackLine> differing, List<PageHere> replaced) {}

    /**
     * A page as it stands here.
     *
     * @param sections how many of its own it has
     */
    public record PageHere(String id, String name, String address, boolean home, int sections) {

        static PageHere of(Edition here, Page page) {
            return new PageHere(page.id(), page.title(), here.servedAt(page), here.isHome(page), (int)
                    page.zones().all().count());
        }
    }

    /** How a page of a pack stands to what is here. */
    public enum Standing {
        FRESH,
        SAME,
        DIFFERING
    }

    /**
     * A page of a pack, whether or not it is to come.
     *
     * @param id its id in the pack
     * @param parent that of the page above it there; absent where none is
     * @param here the same page here; absent where it is not
     */
    public record PackPage(
            String id,
            @Nullable String parent,
            String name,
            Standing standing,
            @Nullable PageHere here) {}

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
