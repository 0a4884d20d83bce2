package venue.store.workspace;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.edition.edition.Edition;
import venue.core.live.release.HeldRelease;
import venue.core.live.release.ReleasePlan;
import venue.store.content.Contents;
import venue.store.database.Database;
import venue.store.journal.HashChange;
import venue.store.journal.Journal;
import venue.store.journal.Step;
import venue.store.live.PlannedReleases;
import venue.store.live.PlannedReleases.Held;
import venue.store.live.PlannedReleases.Planned;
import venue.store.live.Releases;
import venue.store.live.Releases.Reason;

/** Takes changes of a site live: now, when their time has come, or back to what was live before. */
public final class Releasing {

    /** As many may be set for a time in one site. */
    private static final int MOST_PLANNED = 50;

    private static final Duration LATEST = Duration.ofDays(5 * 366L);

    private final Workspace workspace;
    private final Database database;
    private final Contents contents;
    private final Journal journal;
    private final WorkingMap workingMap;
    private final Releases releases;
    private final PlannedReleases planned;
    private final InstantSource clock;

    Releasing(Workspace workspace, Database database, Contents contents, WorkingMap workingMap, InstantSource clock) {
        this.workspace = workspace;
        this.database = database;
        this.contents = contents;
        this.workingMap = workingMap;
        this.clock = clock;
        journal = workspace.journal();
        releases = workspace.releases();
        planned = new PlannedReleases(database);
    }

    private SiteId site() {
        return workspace.site();
    }

    /** Releases the chosen changes with all that must come along: all of it goes live at once, or nothing. */
    public Done release(PersonId who, String note, Collection<String> chosen) {
        return workspace.inTurn(() ->
                goLive(new Reason(who, note, null, null), workspace.now().plan().prepare(chosen), () -> {}));
    }

    /** The site as it was after a release. It costs what has changed since. */
    public Edition at(int number) {
        Standing now = workspace.now();
        if (number < 1 || number > now.release()) {
            throw Refusal.unknown("release", String.valueOf(number));
        }
        List<Item> put = new ArrayList<>();
        List<String> removed = new ArrayList<>();
        otherwiseAt(now, number)
                .forEach(
                        (item, hash) -> hash.map(contents::require).ifPresentOrElse(put::add, () -> removed.add(item)));
        return put.isEmpty() && removed.isEmpty() ? now.live() : now.live().with(put, removed);
    }

    private Map<String, Optional<Hash>> otherwiseAt(Standing now, int number) {
        Map<String, Optional<Hash>> then = releases.otherwiseAt(site(), number);
        then.entrySet()
                .removeIf(e -> Objects.equals(
                        e.getValue().orElse(null), now.liveHashes().get(e.getKey())));
        return then;
    }

    /** What going back to an earlier release would be. */
    public ReleasePlan.Prepared back(int number) {
        Standing now = workspace.now();
        if (number >= now.release()) {
            throw Refusal.unknown("earlier release", String.valueOf(number));
        }
        Edition target = at(number);
        return ReleasePlan.prepare(now.live(), target, otherwiseAt(now, number).keySet());
    }

    /** Goes back to an earlier release, as a release of its own; the working copy stays as it is. */
    public Done goBack(PersonId who, int number) {
        return workspace.inTurn(() -> {
            ReleasePlan.Prepared prepared = back(number);
            if (prepared.items().isEmpty()) {
                throw Refusal.conflict(
                        "back-to-the-same",
                        "number",
                        "The site is as it was in release " + number + " already.",
                        "Choose a release in which something is otherwise.");
            }
            return goLive(new Reason(who, "Back to release " + number, number, null), prepared, () -> {});
        });
    }

    /** Sets the chosen changes for a time, with all that must come along, as they are now. */
    public Planned plan(PersonId who, String note, Collection<String> chosen, LocalDateTime wanted) {
        LocalDateTime minute = checked(wanted);
        return workspace.take(() -> {
            Standing now = workspace.now();
            if (planned.all(site()).size() >= MOST_PLANNED) {
                throw Refusal.conflict(
                        "planned-too-many",
                        "wanted",
                        "A site has " + MOST_PLANNED + " releases set for a time at most.",
                        "Cancel one, or put its changes into another.");
            }
            ReleasePlan.Prepared prepared = now.plan().prepare(chosen);
            List<Held> held = prepared.items().stream()
                    .map(id ->
                            new Held(id, now.liveHashes().get(id), now.hashes().get(id)))
                    .toList();
            Planned made = new Planned(
                    UUID.randomUUID().toString(),
                    minute.toString(),
                    who,
                    clock.instant().toString(),
                    note,
                    now.step(),
                    now.waits().changesOf(prepared.items()));
            planned.add(site(), made, held, HeldRelease.needs(prepared.live(), prepared.items()));
            return made;
        });
    }

    /** Sets it for another time; the versions that it holds stay. */
    public void move(String id, LocalDateTime wanted, String note) {
        LocalDateTime minute = checked(wanted);
        workspace.take(() -> {
            planned.move(site(), require(id).id(), minute.toString(), note);
            return id;
        });
    }

    /** Cancels it, and gives what it was. */
    public Planned cancel(String id) {
        return workspace.take(() -> {
            Planned known = require(id);
            planned.cancel(site(), id);
            return known;
        });
    }

    private Planned require(String id) {
        return planned.find(site(), id).orElseThrow(() -> Refusal.unknown("planned release", id));
    }

    private LocalDateTime checked(LocalDateTime wanted) {
        LocalDateTime minute = wanted.truncatedTo(ChronoUnit.MINUTES);
        Instant at = at(minute.toString());
        Instant now = clock.instant();
        if (!at.isAfter(now) || at.isAfter(now.plus(LATEST))) {
            throw Refusal.badInput(
                    "time-out-of-range",
                    "wanted",
                    "A release is set for a time to come, within five years.",
                    "Choose a later minute, or release it now. Times are those of the site’s clocks.");
        }
        return minute;
    }

    /** When a time of the site's clocks comes. */
    public Instant at(String wanted) {
        return HeldRelease.at(
                LocalDateTime.parse(wanted), workspace.now().working().site().zone());
    }

    /** Whether its time has come, and it waits because something is in its way. */
    public boolean isOverdue(Planned release) {
        return isDue(release) && !held(release).missing().isEmpty();
    }

    /** Whether the time of a release has come. */
    public boolean isDue(Planned release) {
        return !at(release.wanted()).isAfter(clock.instant());
    }

    /** What is set for a time, the first to come first. */
    public List<Planned> planned() {
        return planned.all(site());
    }

    /** What a release that is set for a time would be if it were due now. */
    public HeldRelease held(Planned release) {
        return held(workspace.now(), release);
    }

    /** What it holds: versions, and what was live then. */
    public List<Held> versions(Planned release) {
        return planned.held(site(), release.id());
    }

    private HeldRelease held(Standing now, Planned release) {
        List<HeldRelease.Version> versions = versions(release).stream()
                .map(h -> new HeldRelease.Version(
                        h.item(),
                        Optional.ofNullable(h.hash()).map(contents::require),
                        isNewer(h, now.liveHashes().get(h.item()), release.step())))
                .toList();
        return HeldRelease.of(now.live(), versions, planned.needs(site(), release.id()));
    }

    private boolean isNewer(Held held, @Nullable Hash live, long step) {
        return !Objects.equals(live, held.base()) && journal.cameAfter(site(), held.item(), live, step);
    }

    /** Makes a release whose time has come; empty where something is in its way. */
    public Optional<Done> due(Planned release) {
        return Optional.ofNullable(workspace.inTurnMaybe(() -> {
            Optional<Planned> there = planned.find(site(), release.id());
            if (there.isEmpty()) {
                return null;
            }
            HeldRelease held = held(workspace.now(), there.get());
            if (!held.missing().isEmpty()) {
                return null;
            }
            if (held.prepared().items().isEmpty()) {
                planned.cancel(site(), release.id());
                return null;
            }
            Reason why = new Reason(release.who(), release.note(), null, at(release.wanted()));
            return goLive(why, held.prepared(), () -> planned.remove(site(), release.id()));
        }));
    }

    /** @param with what else is written with it */
    private Done goLive(Reason why, ReleasePlan.Prepared prepared, Runnable with) {
        Standing before = workspace.now();
        Instant at = clock.instant();
        Published published = new Published(before, contents);
        published.bring(prepared, at);
        int[] number = new int[1];
        long step = database.write(() -> {
            with.run();
            List<HashChange> redirects = published.putRedirects(prepared);
            workingMap.apply(site(), redirects);
            number[0] = releases.append(site(), at, why, published.changes());
            releases.changedAt(site(), published.changedForVisitors(at));
            String name = "release " + number[0];
            String group = (why.backTo() == null ? "release-" : "back-") + number[0];
            return journal.append(new Step(site(), at, why.who(), name, Step.Kind.SYSTEM, group, null), redirects);
        });
        workspace.stand(published.standing(prepared, step, number[0]));
        return new Done(step, "release " + number[0], why.who(), Map.of());
    }
}
