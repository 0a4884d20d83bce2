package venue.server.release;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.PersonId;
import venue.core.check.survey.Severity;
import venue.core.live.release.WaitingChange;
import venue.core.live.release.WaitingChanges;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.server.survey.Surveyed;
import venue.store.live.PlannedReleases;
import venue.store.workspace.Done;
import venue.store.workspace.Releasing;
import venue.store.workspace.Standing;

/** What waits to be released, what a release of it would be, and releasing it. */
@RestController
@RequestMapping("/api/sites/{site}/releases")
class ReleaseController {

    private final People people;
    private final Surveyed surveyed;
    private final Previews previews;
    private final Made made;

    ReleaseController(People people, Surveyed surveyed, Previews previews, Made made) {
        this.people = people;
        this.surveyed = surveyed;
        this.previews = previews;
        this.made = made;
    }

    /**
     * A change that waits.
     *
     * @param by the names of those who had a hand in it
     * @param mine whether whoever asks had one
     * @param mustFix how many findings that must be fixed are about what it changes
     * @param setFor for when all of it is set already, as it is now, by the clocks of the site; absent where it isn't
     */
    record WaitingTold(
            @JsonUnwrapped WaitingChange change,
            List<String> by,
            boolean mine,
            int mustFix,
            @Nullable String setFor) {}

    /** All that stands between the live site and the working copy; {@code zone} is that of the site's clocks. */
    record Waiting(long step, int release, String zone, List<WaitingTold> changes) {}

    /** The chosen entries. */
    record Chosen(List<String> items, String note) {}

    @GetMapping("/waiting")
    Waiting waiting(Here here) {
        Standing now = here.now();
        Function<PersonId, String> names = people.names();
        Surveyed.Found found = surveyed.of(here.workspace(), now);
        Map<String, String> set = setFor(here.workspace().releasing(), now);
        List<WaitingTold> changes =
                WaitingChanges.of(
                                now.plan(),
                                now.waits(),
                                group -> here.workspace().journal().nameOf(here.site(), group))
                        .stream()
                        .map(c -> new WaitingTold(
                                c,
                                c.who().stream().map(names).sorted().toList(),
                                c.who().contains(here.person().id()),
                                mustFix(found, c),
                                allSet(c, set)))
                        .toList();
        return new Waiting(
                now.step(), now.release(), now.working().site().zone().getId(), changes);
    }

    private static int mustFix(Surveyed.Found found, WaitingChange change) {
        return (int) change.entries().stream()
                .flatMap(e -> found.about(e.item()))
                .filter(f -> f.severity() == Severity.MUST_FIX)
                .count();
    }

    /** Items of which the version of now is set for a time, by the first such time. */
    private static Map<String, String> setFor(Releasing releasing, Standing now) {
        Map<String, String> set = new HashMap<>();
        for (PlannedReleases.Planned planned : releasing.planned()) {
            releasing.versions(planned).stream()
                    .filter(h -> Versions.isOfNow(now, h))
                    .forEach(h -> set.putIfAbsent(h.item(), planned.wanted()));
        }
        return set;
    }

    private static @Nullable String allSet(WaitingChange change, Map<String, String> set) {
        return change.entries().stream().allMatch(e -> set.containsKey(e.item()))
                ? set.get(change.entries().get(0).item())
                : null;
    }

    @PostMapping("/preview")
    Previews.Preview preview(Here here, @RequestBody Chosen chosen) {
        return previews.of(here.now(), here.now().plan().prepare(chosen.items()));
    }

    /** Makes the chosen changes live, all at once. */
    @PostMapping
    Done release(Here here, @RequestBody Chosen chosen) {
        here.requireManager("release");
        Collection<String> items = chosen.items();
        return made.by(here, here.workspace().releasing().release(here.person().id(), Made.note(chosen.note()), items));
    }
}
