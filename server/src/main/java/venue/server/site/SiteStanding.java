package venue.server.site;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.PageState;
import venue.core.model.site.Role;
import venue.server.event.Events;

/**
 * How a site stands.
 *
 * @param role what whoever asks may do in it
 * @param proofs where proofs are served, ending with a slash; good for half an hour
 * @param shaped the step that last changed what there is to choose from (the catalog)
 * @param failing rules of the survey that could not be asked: what they say is of an earlier step
 * @param undo what would be taken back next; absent for nothing
 * @param undoAt the item on which that acts
 */
record SiteStanding(
        String id,
        String name,
        Role role,
        String origin,
        String proofs,
        long step,
        long shaped,
        int release,
        @Nullable String homeId,
        String homeTitle,
        Map<PageState, Integer> pages,
        long toFill,
        long mustFix,
        long shouldFix,
        long notes,
        List<String> failing,
        int changes,
        @Nullable String undo,
        @Nullable String undoAt,
        @Nullable String redo,
        @Nullable String redoAt,
        List<Events.Presence> here) {}
