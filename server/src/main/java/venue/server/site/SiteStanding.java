package venue.server.site;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.SiteId;
import venue.core.edition.edition.PageState;
import venue.core.model.site.Role;
import venue.server.event.Events;

/**
 * How a site stands.
 *
 * @param here who is in it at this moment
 */
record SiteStanding(
        @JsonUnwrapped Named site,
        @JsonUnwrapped Steps steps,
        @JsonUnwrapped Home home,
        @JsonUnwrapped Pages pages,
        @JsonUnwrapped FoundHere findings,
        @JsonUnwrapped Turning turning,
        List<Events.Presence> here) {

    /**
     * Which it is.
     *
     * @param role what whoever asks may do in it
     * @param proofs where proofs are served, ending with a slash; good for half an hour
     */
    record Named(SiteId id, String name, Role role, String origin, String proofs) {}

    /**
     * How far it has come.
     *
     * @param shaped the step that last changed what there is to choose from (the catalog)
     * @param changes how many changes wait to be released
     */
    record Steps(
            long step,
            long shaped,
            int release,
            int changes,
            @JsonUnwrapped OnTheWay coming) {}

    /**
     * What is on its way to be released.
     *
     * @param planned how many releases are set for a time
     * @param nextAt when the first of them is due by the clocks of the site; absent for none
     * @param overdue how many of them are due, and wait because something is in their way
     * @param asked how many are asked for
     * @param lagging how many deliveries something is in the way of
     */
    record OnTheWay(int planned, @Nullable String nextAt, int overdue, int asked, int lagging) {}

    record Home(@Nullable String homeId, String homeTitle) {}

    record Pages(Map<PageState, Integer> pages, long toFill) {}

    /**
     * @param newAnswers of visitors that nobody has read, by forms that whoever asks works with
     * @param failing rules of the survey that could not be asked: what they say is of an earlier step
     */
    record FoundHere(long mustFix, long shouldFix, long notes, List<String> failing, int newAnswers) {}

    /**
     * What can be taken back and done again.
     *
     * @param undo what would be taken back next; absent for nothing
     * @param undoAt the item on which that acts
     */
    record Turning(
            @Nullable String undo,
            @Nullable String undoAt,
            @Nullable String redo,
            @Nullable String redoAt) {}
}
