package venue.server.delivery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.live.delivery.Copy;
import venue.core.live.delivery.Manifest;
import venue.core.live.delivery.MayDiffer;
import venue.store.database.Version;
import venue.store.delivery.DeliveryState;

/** Finds out what a target is to hold that it doesn't: it asks the site for what may be otherwise than the manifest says, and for nothing else. */
final class Weighing {

    private final Ledger ledger;
    private final Goal goal;
    private final Copies copies;
    private final Sending sending;
    private final boolean again;
    private final Instant now;
    private @Nullable Optional<Set<String>> reach;

    /** @param again whether all is compared with what lies there, whatever the manifest says */
    Weighing(Ledger ledger, Goal goal, Copies copies, Sending sending, boolean again, Instant now) {
        this.ledger = ledger;
        this.goal = goal;
        this.copies = copies;
        this.sending = sending;
        this.again = again;
        this.now = now;
    }

    /**
     * What lies there and what is to, by address, as far as they may differ.
     *
     * @param doubtful addresses of which nobody knows what lies there
     * @param whole whether it is all of the site
     */
    record Work(Map<String, Copy> before, Map<String, Copy> after, Set<String> doubtful, boolean whole) {

        DeliveryState.Holds holds() {
            List<Copy> all = after.values().stream()
                    .filter(c -> !c.lies().key().isEmpty())
                    .toList();
            return new DeliveryState.Holds(
                    all.stream().mapToInt(c -> c.lies().keys().size()).sum(),
                    all.stream().mapToLong(c -> c.lies().size()).sum());
        }

        List<String> differing() {
            return Stream.concat(before.keySet().stream(), after.keySet().stream())
                    .distinct()
                    .filter(at -> !at.startsWith("/-/"))
                    .filter(at -> {
                        Copy was = before.get(at);
                        Copy is = after.get(at);
                        return was == null
                                || is == null
                                || !was.lies().equals(is.lies())
                                || !was.answers().equals(is.answers());
                    })
                    .sorted()
                    .toList();
        }
    }

    /** What broke off may lie there in either form: of what it was, and of what it was to be. */
    private Set<String> doubtful() {
        Set<String> doubtful = new HashSet<>();
        ledger.manifest().going().next().keySet().forEach(name -> {
            Map<String, Copy> was = ledger.bundle(name).copies();
            Map<String, Copy> is = ledger.next(name).copies();
            Stream.concat(was.keySet().stream(), is.keySet().stream())
                    .filter(at -> was.get(at) == null
                            || is.get(at) == null
                            || !was.get(at).lies().equals(is.get(at).lies()))
                    .forEach(doubtful::add);
        });
        return doubtful;
    }

    /** The pages that may be others than they are there; empty where that may be all of them. */
    Optional<Set<String>> reach() {
        Optional<Set<String>> known = reach;
        if (known == null) {
            known = worked();
            reach = known;
        }
        return known;
    }

    private Optional<Set<String>> worked() {
        Manifest manifest = ledger.manifest();
        boolean all = again
                || manifest.release() == 0
                || !manifest.shows().address().equals(goal.address())
                || !manifest.shows().by().equals(Version.OURS);
        return all
                ? Optional.empty()
                : goal.past()
                        .apply(manifest.release())
                        .flatMap(p -> MayDiffer.pages(p.edition(), goal.held().edition(), p.changed()));
    }

    Work work() {
        try {
            Set<String> doubtful = doubtful();
            Optional<Set<String>> reach = reach();
            return reach.isEmpty() ? all(doubtful) : some(reach.get(), doubtful);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Work all(Set<String> doubtful) throws IOException {
        Map<String, Copy> before = ledger.all();
        Map<String, Copy> after = new TreeMap<>();
        take(goal.held().addresses(), before, doubtful, after);
        Set<String> unsure = new HashSet<>(doubtful);
        if (again) {
            unsure.addAll(sending.differing(after));
        }
        return with(before, after, unsure, true);
    }

    private Work some(Set<String> pages, Set<String> doubtful) throws IOException {
        Map<String, Copy> before = new TreeMap<>();
        Set<String> from = new HashSet<>(doubtful);
        Set<String> touched = new HashSet<>(pages);
        due().forEach(c -> (c.page().isEmpty() ? from : touched).add(c.page().isEmpty() ? c.at() : c.page()));
        doubtful.forEach(
                at -> ledger.find(at).map(Copy::page).filter(p -> !p.isEmpty()).ifPresent(touched::add));
        touched.stream().flatMap(p -> goal.held().address(p).stream()).forEach(from::add);
        from.addAll(goal.held().told(touched));
        Set<String> beneath = new HashSet<>();
        for (String at : from) {
            ledger.find(at).ifPresent(c -> {
                before.put(at, c);
                beneath.addAll(c.beneath());
            });
        }
        from.addAll(beneath);
        beneath.forEach(at -> ledger.find(at).ifPresent(c -> before.put(at, c)));
        Map<String, Copy> after = new TreeMap<>();
        take(from, before, doubtful, after);
        return with(before, after, doubtful, false);
    }

    /** The copies that may be others by now, though nothing was released. */
    private List<Copy> due() {
        return ledger.manifest().holds().entrySet().stream()
                .filter(e -> isDue(e.getValue().due()))
                .flatMap(e -> ledger.bundle(e.getKey()).copies().values().stream())
                .filter(c -> isDue(c.until()))
                .toList();
    }

    private boolean isDue(@Nullable Instant moment) {
        return moment != null && !moment.isAfter(now);
    }

    /** What is answered at some addresses, with what that is made of; files that lie there already, named by their hash, are not asked for. */
    private void take(Collection<String> from, Map<String, Copy> before, Set<String> doubtful, Map<String, Copy> after)
            throws IOException {
        goal.held()
                .walk(
                        from,
                        path -> {
                            Optional<Copy> known = again || !path.startsWith("/-/") || doubtful.contains(path)
                                    ? Optional.empty()
                                    : ledger.find(path).filter(Copy::isByHash);
                            known.ifPresent(c -> {
                                before.put(path, c);
                                after.put(path, c);
                            });
                            return known.isPresent();
                        },
                        answer -> {
                            sending.weighed();
                            after.put(
                                    answer.path(),
                                    copies.take(answer, c -> !again && !doubtful.contains(c.at()) && ledger.lies(c)));
                        });
        // What a stylesheet names that lies there lies there, too.
        after.keySet().stream()
                .filter(at -> !before.containsKey(at))
                .toList()
                .forEach(at -> ledger.find(at).ifPresent(c -> before.put(at, c)));
    }

    private Work with(Map<String, Copy> before, Map<String, Copy> after, Set<String> doubtful, boolean whole) {
        ledger.manifest()
                .going()
                .next()
                .keySet()
                .forEach(name -> ledger.next(name).copies().forEach((at, copy) -> {
                    if (doubtful.contains(at)) {
                        before.putIfAbsent(at, copy);
                    }
                }));
        return new Work(before, after, doubtful, whole);
    }
}
