package venue.server.delivery;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.live.delivery.Bundle;
import venue.core.live.delivery.Copy;
import venue.core.live.delivery.Layout;
import venue.core.live.delivery.Manifest;
import venue.core.live.delivery.Manifest.Held;
import venue.core.live.delivery.Steps;
import venue.core.live.delivery.Steps.Step;

/** Does on a target what is to be done, several things at once within a stage, and counts it. */
final class Sending implements AutoCloseable {

    private static final int EACH_TOLD = 50;
    private static final Map<Steps.Stage, String> WORDS = Map.of(
            Steps.Stage.CLOSED, "Takes away what may not be seen",
            Steps.Stage.FILES, "Sends files",
            Steps.Stage.NEW, "Sends new pages",
            Steps.Stage.CHANGED, "Sends changed pages",
            Steps.Stage.LEADING, "Sends what leads on",
            Steps.Stage.TOLD, "Sends what machines are told",
            Steps.Stage.GONE, "Takes away what is gone");

    private final Target target;
    private final Ledger ledger;
    private final Copies copies;
    private final Progress progress;
    private final ExecutorService hands;
    private final AtomicInteger objects = new AtomicInteger();
    private final AtomicLong bytes = new AtomicLong();
    private final AtomicInteger removed = new AtomicInteger();
    private int weighed;
    private List<String> brokenOff = List.of();

    Sending(Target target, Ledger ledger, Copies copies, Progress progress) {
        this.target = target;
        this.ledger = ledger;
        this.copies = copies;
        this.progress = progress;
        hands = Executors.newFixedThreadPool(target.atOnce(), work -> {
            Thread thread = new Thread(work, "delivering");
            thread.setDaemon(true);
            return thread;
        });
    }

    int objects() {
        return objects.get();
    }

    long bytes() {
        return bytes.get();
    }

    int removed() {
        return removed.get();
    }

    void weighed() {
        weighed++;
        if (weighed % EACH_TOLD == 0) {
            progress.at("Compares", weighed, 0, 0);
        }
    }

    void all(Steps steps) {
        int of = steps.all().size();
        AtomicInteger done = new AtomicInteger();
        for (Steps.Stage stage : Steps.Stage.values()) {
            List<Callable<Step>> work = new ArrayList<>();
            steps.of(stage)
                    .forEach(step -> work.add(() -> {
                        step(step);
                        progress.at(WORDS.getOrDefault(stage, ""), done.incrementAndGet(), of, bytes.get());
                        return step;
                    }));
            all(work);
        }
    }

    private void step(Step step) {
        ledger.hold();
        if (step.puts()) {
            copies.bodies(step.copy()).forEach(this::put);
        } else {
            remove(step.copy().lies().keys());
        }
    }

    private void put(String key, Target.Body body) {
        target.put(key, body);
        objects.incrementAndGet();
        bytes.addAndGet(body.content().size());
    }

    void remove(List<String> keys) {
        if (!keys.isEmpty()) {
            ledger.hold();
            target.remove(keys);
            removed.addAndGet(keys.size());
        }
    }

    /** Removes what was found of files whose writer was ended in the middle of them. */
    void removeBrokenOff() {
        remove(brokenOff);
    }

    /** The first thing that goes wrong ends it; what has been begun is waited for. */
    private void all(List<Callable<Step>> work) {
        List<Future<Step>> begun = new ArrayList<>();
        work.forEach(w -> begun.add(hands.submit(w)));
        RuntimeException failed = null;
        for (Future<Step> one : begun) {
            try {
                if (failed == null) {
                    one.get();
                } else if (!one.cancel(false)) {
                    one.get();
                }
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                failed = new TargetTrouble("The server is being stopped.", "It goes on when the server runs again.");
            } catch (ExecutionException e) {
                if (e.getCause() instanceof Error fatal) {
                    throw fatal;
                }
                failed = e.getCause() instanceof RuntimeException why && failed == null ? why : orElse(failed, e);
            } catch (CancellationException cancelled) {
                // It was not begun.
            }
        }
        if (failed != null) {
            throw failed;
        }
    }

    private static RuntimeException orElse(@Nullable RuntimeException failed, Exception e) {
        return failed == null ? new IllegalStateException(e) : failed;
    }

    /** The addresses whose bytes aren't there as they should be, whatever the manifest says. */
    Set<String> differing(Map<String, Copy> after) {
        Map<String, Target.Found> there = new TreeMap<>();
        target.each("", found -> there.put(found.key(), found));
        brokenOff = there.keySet().stream().filter(FolderTarget::isBrokenOff).toList();
        Set<String> differing = new HashSet<>();
        after.values().stream().filter(c -> !c.lies().key().isEmpty()).forEach(copy -> {
            progress.at("Compares with what lies there", 0, 0, 0);
            boolean alike = copies.bodies(copy).entrySet().stream().allMatch(e -> {
                Target.Found found = there.get(e.getKey());
                return found != null && found.is(e.getValue().content());
            });
            if (!alike) {
                differing.add(copy.at());
            }
        });
        return differing;
    }

    /** Lays down what nginx is told of a bundle. */
    void map(Held held, Bundle bundle) {
        if (!held.hash().isEmpty()) {
            byte[] map = NginxMap.lines(bundle).getBytes(StandardCharsets.UTF_8);
            ledger.hold();
            target.put(NginxMap.key(held), Target.Body.plain(map, "text/plain; charset=utf-8"));
        }
    }

    /** Lays down how nginx serves it from now on; the hash under which that lies. */
    String nginx(Map<String, Held> next, Goal goal, Copy nowhere) {
        Map<String, Held> all = new TreeMap<>(ledger.manifest().holds());
        all.putAll(next);
        all.values().removeIf(h -> h.hash().isEmpty());
        byte[] conf =
                NginxMap.server(all.values(), goal, nowhere, target.isFolder()).getBytes(StandardCharsets.UTF_8);
        String hash = Hash.over(conf).text();
        ledger.hold();
        target.put(Manifest.nginxKey(hash), Target.Body.plain(conf, "text/plain; charset=utf-8"));
        return hash;
    }

    /** The keys of a bundle and of what is made of it. */
    Stream<String> keys(Held held) {
        return held.hash().isEmpty()
                ? Stream.empty()
                : ledger.manifest().layout() == Layout.BY_HASH
                        ? Stream.of(held.key(), NginxMap.key(held))
                        : Stream.of(held.key());
    }

    @Override
    public void close() {
        hands.shutdownNow();
    }
}
