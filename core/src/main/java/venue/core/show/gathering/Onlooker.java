package venue.core.show.gathering;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.function.Predicate;
import venue.core.body.trace.DayCounts;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/**
 * Who looks at what, and when.
 *
 * @param visitor who it is, as far as what they may open goes: two who are called alike may open the same
 * @param opens whether they may open a page
 * @param marked whether they see places to fill
 * @param now the day and time in the site's zone
 * @param changed when pages last changed, by id
 * @param day how pages were read and rated at the last midnight
 */
public record Onlooker(
        Edition edition,
        Object visitor,
        Predicate<Page> opens,
        boolean marked,
        LocalDateTime now,
        Map<String, Instant> changed,
        DayCounts day) {

    /** One who doesn't know how pages are read and rated. */
    public Onlooker(
            Edition edition,
            Object visitor,
            Predicate<Page> opens,
            boolean marked,
            LocalDateTime now,
            Map<String, Instant> changed) {
        this(edition, visitor, opens, marked, now, changed, DayCounts.NOTHING);
    }
}
