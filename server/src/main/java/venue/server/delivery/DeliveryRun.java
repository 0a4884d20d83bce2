package venue.server.delivery;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.live.delivery.Bundle;
import venue.core.live.delivery.Copy;
import venue.core.live.delivery.Layout;
import venue.core.live.delivery.Manifest;
import venue.core.live.delivery.Manifest.Going;
import venue.core.live.delivery.Manifest.Held;
import venue.core.live.delivery.Manifest.Shows;
import venue.core.live.delivery.Steps;
import venue.server.live.HeldSite;
import venue.store.database.Version;
import venue.store.delivery.DeliveryState;

/**
 * Brings a target to what the site answers now. What it holds is read back from there; what will be otherwise is told there before it is sent, so
 * that whoever comes after a break knows what may lie there.
 */
public final class DeliveryRun implements AutoCloseable {

    /** How long files lie there that nothing names any more: pages that were fetched before may still ask for them. */
    static final Duration WAITS = Duration.ofDays(1);

    /**
     * How it is done.
     *
     * @param run what this run is called
     * @param before the run that we began last
     * @param again whether all is compared with what lies there, whatever the manifest says
     * @param scratch a folder for what waits until it is sent
     */
    record How(InstantSource clock, String run, String before, boolean again, Path scratch) {}

    /**
     * What was sent.
     *
     * @param changed addresses at which another answer lies now
     * @param holds how much lies there; absent where it was not counted
     * @param due from when on something may be another though nothing is released; absent for never
     */
    public record Outcome(
            int release,
            int objects,
            long bytes,
            int removed,
            List<String> changed,
            DeliveryState.@Nullable Holds holds,
            @Nullable Instant due) {}

    private final Target target;
    private final Goal goal;
    private final How how;
    private final Sending sending;
    private final Ledger ledger;
    private final Spool spool;
    private final Copies copies;
    private final Weighing weighing;
    private final Instant now;

    DeliveryRun(Target target, Goal goal, How how, Progress progress) {
        this.target = target;
        this.goal = goal;
        this.how = how;
        now = how.clock().instant();
        ledger = Ledger.read(target, goal.site(), goal.layout(), how.clock(), how.run(), how.before());
        if (how.again()) {
            ledger.doubt();
        }
        spool = new Spool(how.scratch());
        copies = new Copies(goal.held(), goal.layout(), spool);
        sending = new Sending(target, ledger, copies, progress);
        weighing = new Weighing(ledger, goal, copies, sending, how.again(), now);
    }

    /** What would be done; nothing is written. */
    Steps foreseen() {
        spool.keepNothing();
        Weighing.Work work = weighing.work();
        return Steps.between(goal.layout(), work.before(), work.after(), work.doubtful());
    }

    Outcome run() {
        try {
            withdraw();
            Weighing.Work work = weighing.work();
            sending.removeBrokenOff();
            Steps steps = Steps.between(goal.layout(), work.before(), work.after(), work.doubtful());
            if (!isSettled(work, steps)) {
                settle(
                        work.before(),
                        work.after(),
                        steps,
                        new Shows(goal.address(), goal.held().release(), Version.OURS));
            }
            return new Outcome(
                    goal.held().release(),
                    sending.objects(),
                    sending.bytes(),
                    sending.removed(),
                    work.differing(),
                    work.whole() ? work.holds() : null,
                    ledger.due().orElse(null));
        } catch (RuntimeException failed) {
            ledger.letGo();
            throw failed;
        }
    }

    @Override
    public void close() {
        sending.close();
        spool.close();
    }

    private boolean isSettled(Weighing.Work work, Steps steps) {
        Manifest manifest = ledger.manifest();
        return steps.all().isEmpty()
                && !isAnew()
                && manifest.going().next().isEmpty()
                && manifest.release() == goal.held().release()
                && manifest.shows().address().equals(goal.address())
                && work.after().entrySet().stream()
                        .allMatch(e -> e.getValue().equals(work.before().get(e.getKey())))
                && !isToSweep();
    }

    /** Whether what is told of all that lies there is written anew: nothing is believed, or another Venue wrote it, maybe otherwise. */
    private boolean isAnew() {
        return how.again() || !ledger.manifest().shows().by().equals(Version.OURS);
    }

    private boolean isToSweep() {
        Instant swept = ledger.manifest().going().swept();
        return swept == null || !swept.plus(WAITS).isAfter(now);
    }

    /** What may not be seen any more goes before anything is written or sent. */
    private void withdraw() {
        Manifest manifest = ledger.manifest();
        if (manifest.release() == 0 && manifest.going().next().isEmpty()
                || weighing.reach().isPresent()) {
            return;
        }
        Map<String, Copy> there = new HashMap<>(ledger.all());
        manifest.going()
                .next()
                .keySet()
                .forEach(name -> ledger.next(name).copies().forEach(there::putIfAbsent));
        Map<String, Copy> closed = new TreeMap<>(there);
        closed.values()
                .removeIf(c -> c.isFile()
                        ? goal.held().isOpen(c.at())
                        : c.page().isEmpty() || goal.held().address(c.page()).isPresent());
        if (!closed.isEmpty()) {
            settle(closed, Map.of(), Steps.closing(closed.values()), manifest.shows());
        }
    }

    /** Tells there what will be otherwise, does it, and says that it is done. */
    private void settle(Map<String, Copy> before, Map<String, Copy> after, Steps steps, Shows shows) {
        boolean arrives = shows.release() == goal.held().release() && !after.isEmpty();
        Map<String, Copy> kept = new TreeMap<>(after);
        Map<String, Copy> gone = new TreeMap<>(before);
        gone.keySet().removeAll(after.keySet());
        if (arrives) {
            // Files stay until they are swept: pages that were fetched before may ask for them.
            gone.values().removeIf(Copy::isByHash);
            if (isToSweep()) {
                unnamed(kept).forEach(c -> gone.put(c.at(), c));
            }
        }
        Manifest manifest = ledger.manifest();
        Map<String, Held> next = new TreeMap<>(manifest.going().next());
        next.putAll(bundles(kept, gone));
        ledger.write(manifest.leased(ledger.lease()).going(next));
        sending.all(steps);
        Map<String, Instant> waiting = arrives ? waiting(before, after, gone, next) : ledger.waiting();
        String nginx = goal.layout() == Layout.BY_HASH ? sending.nginx(next, goal, nowhere(after)) : "";
        manifest = ledger.manifest();
        ledger.hold();
        ledger.write(ledger.manifest()
                .arrived(
                        shows,
                        new Going(
                                null,
                                Map.of(),
                                ledger.put(waiting),
                                nginx,
                                arrives && isToSweep() ? now : manifest.going().swept())));
    }

    private Copy nowhere(Map<String, Copy> after) {
        Copy now = after.get(HeldSite.NOWHERE);
        return now == null
                ? ledger.find(HeldSite.NOWHERE)
                        .orElseGet(() -> copies.take(goal.held().answer(HeldSite.NOWHERE), c -> true))
                : now;
    }

    private Map<String, Held> bundles(Map<String, Copy> put, Map<String, Copy> gone) {
        Set<String> names = new HashSet<>();
        Stream.concat(put.keySet().stream(), gone.keySet().stream())
                .filter(at -> !ledger.find(at).equals(Optional.ofNullable(put.get(at))))
                .map(Bundle::of)
                .forEach(names::add);
        if (isAnew()) {
            names.addAll(ledger.manifest().holds().keySet());
        }
        Map<String, List<Copy>> byName = put.values().stream().collect(Collectors.groupingBy(c -> Bundle.of(c.at())));
        Map<String, Held> next = new TreeMap<>();
        names.forEach(name -> {
            List<Copy> here = byName.getOrDefault(name, List.of());
            Bundle bundle = ledger.bundle(name).with(here, gone.keySet());
            Held held = ledger.put(bundle);
            if (goal.layout() == Layout.BY_HASH) {
                sending.map(held, bundle);
            }
            next.put(name, held);
        });
        return next;
    }

    /** The files that no copy names any more. */
    private List<Copy> unnamed(Map<String, Copy> after) {
        Map<String, Copy> all = new TreeMap<>(ledger.all());
        all.putAll(after);
        Set<String> named = new HashSet<>();
        all.values().forEach(c -> named.addAll(c.names()));
        return all.values().stream()
                .filter(c -> c.isFile() && !named.contains(c.at()))
                .toList();
    }

    /** The keys that nothing names from now on, with those that waited; what has waited long enough goes. */
    private Map<String, Instant> waiting(
            Map<String, Copy> before, Map<String, Copy> after, Map<String, Copy> gone, Map<String, Held> next) {
        Map<String, Instant> waiting = ledger.waiting();
        Stream.concat(before.values().stream(), gone.values().stream())
                .filter(c -> goal.layout() == Layout.BY_HASH || c.isByHash())
                .filter(c -> !after.containsKey(c.at()) && gone.containsKey(c.at())
                        || after.containsKey(c.at())
                                && !after.get(c.at())
                                        .lies()
                                        .key()
                                        .equals(c.lies().key()))
                .flatMap(c -> c.lies().keys().stream())
                .forEach(key -> waiting.putIfAbsent(key, now));
        Manifest manifest = ledger.manifest();
        next.keySet().stream()
                .flatMap(name -> Stream.ofNullable(manifest.holds().get(name)))
                .filter(h -> next.values().stream().noneMatch(n -> n.hash().equals(h.hash())))
                .flatMap(h -> sending.keys(h))
                .forEach(key -> waiting.putIfAbsent(key, now));
        if (!manifest.going().waiting().isEmpty()) {
            waiting.putIfAbsent(Manifest.waitingKey(manifest.going().waiting()), now);
        }
        after.values().forEach(c -> c.lies().keys().forEach(waiting::remove));
        List<String> ripe = waiting.entrySet().stream()
                .filter(e -> !e.getValue().plus(WAITS).isAfter(now))
                .map(Map.Entry::getKey)
                .toList();
        sending.remove(ripe);
        waiting.keySet().removeAll(ripe);
        return waiting;
    }
}
