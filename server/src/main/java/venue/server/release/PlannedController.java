package venue.server.release;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.edition.edition.Edition;
import venue.core.live.release.HeldRelease;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.server.event.Events;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.store.live.PlannedReleases.Held;
import venue.store.live.PlannedReleases.Planned;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.workspace.Releasing;
import venue.store.workspace.Standing;

/** Releases that are set for a day and hour of the site's clocks. */
@RestController
@RequestMapping("/api/sites/{site}/releases/planned")
class PlannedController {

    private final People people;
    private final Events events;
    private final Records records;

    PlannedController(People people, Events events, Records records) {
        this.records = records;
        this.people = people;
        this.events = events;
    }

    /** When it is, and who set it. {@code wanted} is the time of the clocks, {@code at} the moment, both ISO 8601. */
    record PlannedWhen(String wanted, String at, String clock, String by, String note) {}

    /**
     * How what it holds stands to the site.
     *
     * @param since the names of what was changed since in the working copy: that waits
     * @param newer the names of what went live newer since: that stays
     * @param missing what is in its way, as sentences: while there is any, all of it waits
     * @param overdue whether its time has come and it waits
     */
    record PlannedHolds(List<String> since, List<String> newer, List<String> missing, boolean overdue) {}

    /**
     * A release that is set for a time.
     *
     * @param entries what it changes
     */
    record PlannedRelease(String id, PlannedWhen when, int changes, List<ReleaseEntry> entries, PlannedHolds holds) {}

    /** The chosen entries, and when they go live by the clocks of the site, as {@code 2026-12-04T08:00}. */
    record Wanted(@Nullable List<String> items, String note, String wanted) {}

    /** When that is: by the clocks where they leave out the hour that was wanted, or where it comes twice, the one that counts. */
    record PlannedAt(String id, String wanted, String at, String clock) {}

    @GetMapping
    List<PlannedRelease> planned(Here here) {
        Function<PersonId, String> names = people.names();
        return here.workspace().releasing().planned().stream()
                .map(p -> told(here, p, names))
                .toList();
    }

    private static PlannedRelease told(Here here, Planned planned, Function<PersonId, String> names) {
        Releasing releasing = here.workspace().releasing();
        Standing now = here.now();
        HeldRelease held = releasing.held(planned);
        List<Held> versions = releasing.versions(planned);
        List<String> ids = versions.stream().map(Held::item).toList();
        Instant at = releasing.at(planned.wanted());
        return new PlannedRelease(
                planned.id(),
                new PlannedWhen(
                        planned.wanted(), at.toString(), clock(now, at), names.apply(planned.who()), planned.note()),
                planned.changes(),
                List.copyOf(ReleasePlan.of(now.live(), held.target(), ids).entries()),
                new PlannedHolds(
                        versions.stream()
                                .filter(h -> !Versions.isOfNow(now, h) && !Versions.isLive(now, h))
                                .map(h -> name(held.target(), now, h.item()))
                                .toList(),
                        held.newer().stream()
                                .map(id -> name(held.target(), now, id))
                                .toList(),
                        held.missing(),
                        releasing.isDue(planned)));
    }

    private static String name(Edition target, Standing now, String id) {
        return now.working()
                .find(id)
                .or(() -> target.find(id))
                .or(() -> now.live().find(id))
                .map(Item::name)
                .orElse("What is gone");
    }

    /** What the clocks of the site show at a moment. */
    private static String clock(Standing now, Instant at) {
        ZoneId zone = now.working().site().zone();
        return LocalDateTime.ofInstant(at, zone).toString();
    }

    /** Sets the chosen changes for a time, as they are now, with all that must come along. */
    @PostMapping
    PlannedAt plan(Here here, @RequestBody Wanted wanted) {
        here.requireManager("set a release for a time");
        Releasing releasing = here.workspace().releasing();
        List<String> items = Optional.ofNullable(wanted.items()).orElse(List.of());
        return set(
                here,
                releasing
                        .plan(here.person().id(), Made.note(wanted.note()), items, time(wanted.wanted()))
                        .id());
    }

    /** Sets it for another time; the versions that it holds stay. */
    @PostMapping("/{id}")
    PlannedAt move(Here here, @PathVariable String id, @RequestBody Wanted wanted) {
        here.requireManager("change when a release goes live");
        here.workspace().releasing().move(id, time(wanted.wanted()), Made.note(wanted.note()));
        return set(here, id);
    }

    @DeleteMapping("/{id}")
    void cancel(Here here, @PathVariable String id) {
        here.requireManager("cancel a release");
        String wanted = here.workspace().releasing().cancel(id).wanted();
        records.write(Deed.RELEASE_CANCELLED, here.by(), here.site(), null, wanted);
        tell(here);
    }

    private PlannedAt set(Here here, String id) {
        Releasing releasing = here.workspace().releasing();
        Planned planned = releasing.planned().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("planned release", id));
        Instant at = releasing.at(planned.wanted());
        records.write(Deed.RELEASE_SET, here.by(), here.site(), null, planned.wanted());
        tell(here);
        return new PlannedAt(id, planned.wanted(), at.toString(), clock(here.now(), at));
    }

    private void tell(Here here) {
        events.tell(here.site(), "releases", Map.of());
    }

    private static LocalDateTime time(String written) {
        try {
            return LocalDateTime.parse(written);
        } catch (DateTimeParseException | NullPointerException e) {
            throw Refusal.badInput(
                    "no-time",
                    "wanted",
                    "“" + written + "” is no day and hour.",
                    "Write it as 2026-12-04T08:00, by the clocks of the site.");
        }
    }
}
