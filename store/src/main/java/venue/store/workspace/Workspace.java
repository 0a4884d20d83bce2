package venue.store.workspace;

import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import kotlinx.collections.immutable.PersistentMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Editor;
import venue.core.edition.json.ItemJson;
import venue.core.edition.merge.Archive;
import venue.core.model.site.Role;
import venue.store.content.Contents;
import venue.store.database.Database;
import venue.store.database.Turn;
import venue.store.journal.HashChange;
import venue.store.journal.Journal;
import venue.store.journal.Step;
import venue.store.live.Releases;

/**
 * A site at work. Readers take {@link #now()}, which never changes under their hands; writers go one after another, and
 * what is answered is on the disk.
 */
public final class Workspace {

    private final SiteId site;
    private final Database database;
    private final Contents contents;
    private final Journal journal;
    private final Requests requests;
    private final SiteArchive archive;
    private final Packs packs;
    private final Bin bin;
    private final Releases releases;
    private final WorkingMap workingMap;
    private final StandingReader reader;
    private final Releasing releasing;
    private final Editor editor;
    private final InstantSource clock;
    private final RandomGenerator chance;
    private final Consumer<Done> told;
    private final Turn turn;
    private volatile Standing now;

    Workspace(
            SiteId site,
            Database database,
            Turn turn,
            Contents contents,
            InstantSource clock,
            RandomGenerator chance,
            Consumer<Done> told) {
        this.site = site;
        this.turn = turn;
        this.database = database;
        this.contents = contents;
        this.clock = clock;
        this.chance = chance;
        this.told = told;
        journal = new Journal(database);
        requests = new Requests(database.sql());
        Arrivals arrivals = new Arrivals(site, database, contents);
        archive = new SiteArchive(site, contents, journal, arrivals);
        packs = new Packs(this, arrivals, archive);
        bin = new Bin(this, database.sql(), contents);
        releases = new Releases(database.sql());
        workingMap = new WorkingMap(database);
        editor = new Editor(archive);
        Past past = new Past(archive::find, clock, new Traces(database.sql(), site));
        reader = new StandingReader(site, contents, workingMap, releases, journal, past);
        releasing = new Releasing(this, database, contents, workingMap, clock);
        now = reader.now();
    }

    public SiteId site() {
        return site;
    }

    public Standing now() {
        return now;
    }

    /** What the site's items were, as far back as its journal goes. */
    public Archive archive() {
        return archive;
    }

    public Journal journal() {
        return journal;
    }

    /** What of it is carried elsewhere, and what comes from there. */
    public Packs packs() {
        return packs;
    }

    /** Its pages that were removed lately. */
    public Bin bin() {
        return bin;
    }

    /** The log of its releases. */
    public Releases releases() {
        return releases;
    }

    /** What takes it live. */
    public Releasing releasing() {
        return releasing;
    }

    /** What commands work on now, for somebody who may do anything: to look at what one would do before it is given. */
    public Desk desk() {
        return desk(Role.MANAGER);
    }

    /** The same for somebody who may do less. */
    public Desk desk(Role role) {
        Standing at = now;
        return new Desk(at.working(), at.live(), at::hashOf, archive, chance, role);
    }

    /** Does what was asked. The same request a second time is answered without doing it again. */
    public Done run(AskedRequest asked) {
        return inTurn(() -> {
            Optional<Requests.Request> request = Optional.ofNullable(asked.request())
                    .map(id -> new Requests.Request(site, id, asked.who(), Contents.print(asked.command())));
            Optional<Done> before = request.flatMap(requests::answered).map(a -> ItemJson.read(Done.class, a));
            if (before.isPresent()) {
                return before.get();
            }
            Editor.Edited edited = editor.run(desk(asked.role()), asked.command(), asked.seen());
            String group = asked.group() == null ? UUID.randomUUID().toString() : asked.group();
            Step step =
                    new Step(site, clock.instant(), asked.who(), edited.change().name(), Step.Kind.DO, group, null);
            return keep(
                    step, edited, done -> request.ifPresent(r -> requests.keep(r, ItemJson.write(done), step.at())));
        });
    }

    /** Works when nobody else does; whoever listens is told when all of it is done and others may work. */
    Done inTurn(Supplier<Done> work) {
        return Objects.requireNonNull(inTurnMaybe(work));
    }

    /** The same where it may come to nothing. */
    @Nullable
    Done inTurnMaybe(Supplier<@Nullable Done> work) {
        Done done = turn.take(work);
        if (done != null) {
            told.accept(done);
        }
        return done;
    }

    /** Works when nobody else does, and leaves the site as it stands. */
    <T> T take(Supplier<T> work) {
        return turn.take(work);
    }

    /** Whoever has the turn has brought it about that the site stands so. */
    void stand(Standing then) {
        now = then;
    }

    /** The group of the step that a site begins with. */
    static final String BEGIN = "begin";

    /** Does what is not to be taken back, and what is kept with it. */
    void settle(PersonId who, Command command, String group, Consumer<Done> first) {
        inTurn(() -> take(who, Role.MANAGER, command, Step.Kind.SYSTEM, group, first));
    }

    /** What is to be done to the site, and what is kept with it. */
    record Taking(Command command, Consumer<Done> first) {}

    /** Does what was worked out of the site as it is now, as one step. */
    Done take(PersonId who, Role role, Supplier<Taking> made) {
        return inTurn(() -> {
            Taking taking = made.get();
            return take(
                    who, role, taking.command(), Step.Kind.DO, UUID.randomUUID().toString(), taking.first());
        });
    }

    private Done take(PersonId who, Role role, Command command, Step.Kind kind, String group, Consumer<Done> first) {
        Editor.Edited edited = editor.run(desk(role), command, Map.of());
        String name = edited.change().name();
        return keep(new Step(site, clock.instant(), who, name, kind, group, null), edited, first);
    }

    /** Takes back the person's last step, or says that there is none. */
    public Done undo(PersonId who, Role role) {
        return inTurn(() -> {
            Journal.Group group = journal.undoable(site, who).orElseThrow(() -> nothing("undo"));
            return reverse(who, role, group, Step.Kind.UNDO);
        });
    }

    /** Does again what the person took back last. */
    public Done redo(PersonId who, Role role) {
        return inTurn(() -> {
            Journal.Group group = journal.redoable(site, who).orElseThrow(() -> nothing("redo"));
            return reverse(who, role, group, Step.Kind.REDO);
        });
    }

    private static Refusal nothing(String what) {
        return Refusal.conflict("nothing-to-" + what, "step", "There is nothing to " + what + ".", "Go on working.");
    }

    private Done reverse(PersonId who, Role role, Journal.Group group, Step.Kind kind) {
        List<Editor.Reversal> steps = journal.changes(site, who, group.id()).stream()
                .map(c -> new Editor.Reversal(c.item(), item(c.before()), item(c.after())))
                .toList();
        Editor.Edited edited = editor.reverse(desk(role), group.name(), steps);
        String own = UUID.randomUUID().toString();
        return keep(new Step(site, clock.instant(), who, group.name(), kind, own, group.id()), edited, done -> {});
    }

    private @Nullable Item item(@Nullable Hash hash) {
        return hash == null ? null : contents.require(hash);
    }

    /** Keeps a step, and with it in one transaction what is to be remembered of its answer. */
    private Done keep(Step step, Editor.Edited edited, Consumer<Done> remember) {
        venue.core.change.edit.Change change = edited.change();
        Standing before = now;
        PersistentMap.Builder<String, Hash> hashes = before.hashes().builder();
        Map<String, Hash> revisions = new HashMap<>();
        Done done = database.write(() -> {
            List<HashChange> changes = changes(before.hashes(), change.put(), change.removed());
            changes.forEach(c -> set(hashes, c));
            workingMap.apply(site, changes);
            change.put().forEach(i -> revisions.put(i.id(), hashes.get(i.id())));
            change.removed().forEach(id -> revisions.put(id, Hash.NONE));
            long number = changes.isEmpty() ? before.step() : journal.append(step, changes);
            Done kept = new Done(number, step.name(), step.who(), revisions);
            remember.accept(kept);
            return kept;
        });
        now = before.worked(
                new Standing.Copy(edited.after(), hashes.build()),
                done.step(),
                revisions.keySet(),
                step.who(),
                step.group());
        return done;
    }

    private List<HashChange> changes(Map<String, Hash> before, Collection<Item> put, Collection<String> removed) {
        List<HashChange> changes = new ArrayList<>();
        List<Item> items = List.copyOf(put);
        List<Hash> hashes = contents.put(items);
        for (int i = 0; i < items.size(); i++) {
            String id = items.get(i).id();
            if (!hashes.get(i).equals(before.get(id))) {
                changes.add(new HashChange(id, before.get(id), hashes.get(i)));
            }
        }
        removed.stream()
                .filter(before::containsKey)
                .forEach(id -> changes.add(new HashChange(id, before.get(id), null)));
        return changes;
    }

    private static void set(Map<String, Hash> hashes, HashChange change) {
        if (change.after() == null) {
            hashes.remove(change.item());
        } else {
            hashes.put(change.item(), change.after());
        }
    }
}
