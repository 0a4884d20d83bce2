package venue.store.workspace;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.check.survey.Known;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Tally;
import venue.core.edition.edition.Touched;

/**
 * What is worked out of both copies of a site at one step. Immutable; carried on from the step at which it was known last.
 *
 * @param trail what the latest changes may have mattered to, the oldest first
 */
record DerivedStanding(long step, Edition working, Edition live, Survey survey, Tally tally, List<Touch> trail) {

    private static final int REMEMBERED = 200;

    /**
     * What may be otherwise than it was.
     *
     * @param from the step before it, which it does not tell of
     * @param ids absent when that is everything
     */
    record Touch(long from, @Nullable Set<String> ids) {}

    static DerivedStanding of(long step, Edition working, Edition live, Known known) {
        return new DerivedStanding(
                step, working, live, Survey.of(working, live, known), Tally.of(working, live), List.of());
    }

    /** The same some steps later, which have changed these items in either copy. */
    DerivedStanding after(long now, Edition workingNow, Edition liveNow, Collection<String> ids, Known known) {
        Survey surveyed = survey.after(workingNow, liveNow, ids, known);
        List<Touch> told = new ArrayList<>(trail);
        told.add(new Touch(step, touched(surveyed, workingNow, liveNow, ids)));
        return new DerivedStanding(
                now,
                workingNow,
                liveNow,
                surveyed,
                tally.after(working, live, workingNow, liveNow, ids),
                List.copyOf(told.subList(Math.max(0, told.size() - REMEMBERED), told.size())));
    }

    private @Nullable Set<String> touched(
            Survey surveyed, Edition workingNow, Edition liveNow, Collection<String> ids) {
        if (Touched.isEverything(working, workingNow, ids)) {
            return null;
        }
        Set<String> all = new HashSet<>(surveyed.news());
        all.addAll(Touched.by(working, workingNow, ids));
        if (live != liveNow) {
            all.addAll(Touched.by(live, liveNow, ids));
        }
        return all;
    }

    /** The items that what was done since a step may matter to; empty when that is everything, or is not remembered. */
    Optional<Set<String>> touchedSince(long known) {
        Set<String> all = new HashSet<>();
        long covered = step;
        for (int i = trail.size() - 1; i >= 0 && covered > known; i--) {
            Set<String> ids = trail.get(i).ids();
            if (ids == null) {
                return Optional.empty();
            }
            all.addAll(ids);
            covered = trail.get(i).from();
        }
        return covered <= known ? Optional.of(all) : Optional.empty();
    }
}
