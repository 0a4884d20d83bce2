package venue.server.delivery;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.edition.json.ItemJson;
import venue.core.live.delivery.Bundle;
import venue.core.live.delivery.Copy;
import venue.core.live.delivery.Layout;
import venue.core.live.delivery.Manifest;
import venue.core.live.delivery.Manifest.Held;
import venue.core.live.delivery.Manifest.Lease;

/** What a target says that it holds: read back from there, and written only where nobody else wrote meanwhile. */
final class Ledger {

    private static final Duration LEASE = Duration.ofSeconds(90);
    /** Longer than any request may take. */
    private static final Duration SAFE = Duration.ofSeconds(40);

    private static final String DAMAGED =
            "Have all of it delivered again: everything is compared, and what is missing sent.";
    private static final String PROBE = ".venue/probe";
    private static final long KEPT_BYTES = 32L << 20;

    /** By their hashes: what lies under one is always the same. */
    private static final Cache<String, Bundle> BUNDLES = Caffeine.newBuilder()
            .maximumWeight(KEPT_BYTES)
            .weigher((String hash, Bundle bundle) -> weight(bundle))
            .build();

    private record Waiting(Map<String, Instant> keys) {
        Waiting {
            keys = keys == null ? Map.of() : keys;
        }
    }

    private final Target target;
    private final InstantSource clock;
    private final String run;
    private Manifest manifest;
    private @Nullable String tag;
    private boolean doubts;
    /** The hashes of bundles that were found damaged. */
    private final Set<String> lost = ConcurrentHashMap.newKeySet();

    private Ledger(Target target, InstantSource clock, String run, Manifest manifest, @Nullable String tag) {
        this.target = target;
        this.clock = clock;
        this.run = run;
        this.manifest = manifest;
        this.tag = tag;
    }

    private static int weight(Bundle bundle) {
        return bundle.copies().values().stream()
                        .mapToInt(c -> 400
                                + 2
                                        * c.names().stream()
                                                .mapToInt(String::length)
                                                .sum())
                        .sum()
                + 100;
    }

    /**
     * Reads it; refused where it is another site's, or nobody's and something lies there.
     *
     * @param before the run that we began last: its lease is ours, for it broke off
     */
    static Ledger read(Target target, String site, Layout layout, InstantSource clock, String run, String before) {
        Optional<Target.Got> got = target.get(Manifest.KEY);
        if (got.isEmpty()) {
            if (!target.isEmpty()) {
                throw new TargetTrouble(
                        "Something else lies at " + target.where() + ".",
                        "Name a place that is empty: what lies there would be mixed with the site.");
            }
            requireConditions(target);
            return new Ledger(target, clock, run, Manifest.empty(site, layout), null);
        }
        Manifest there = manifest(got.get().bytes());
        if (!there.site().equals(site) || there.layout() != layout) {
            throw new TargetTrouble(
                    "Another site, or the same in another layout, is delivered to " + target.where() + ".",
                    "Name another place, or empty that one.");
        }
        Lease lease = there.going().lease();
        if (lease != null && !lease.run().equals(before) && lease.until().isAfter(clock.instant())) {
            throw new TargetTrouble(
                    "Another server or run works on " + target.where() + " until " + lease.until() + ".",
                    "It goes on by itself when that one is done. Two servers shouldn’t deliver to one place.");
        }
        return new Ledger(target, clock, run, there, got.get().tag());
    }

    /** Where the second of two writers isn't refused, two runs would mix. */
    static void requireConditions(Target target) {
        byte[] bytes = "May be removed.\n".getBytes(StandardCharsets.UTF_8);
        target.remove(List.of(PROBE));
        Optional<String> tag = target.putIf(PROBE, bytes, null);
        boolean refuses = tag.isPresent()
                && target.putIf(PROBE, "Other.\n".getBytes(StandardCharsets.UTF_8), null)
                        .isEmpty()
                && target.putIf(PROBE, "Other.\n".getBytes(StandardCharsets.UTF_8), "\"0\"")
                        .isEmpty();
        target.remove(List.of(PROBE));
        if (!refuses) {
            throw new TargetTrouble(
                    target.where() + " knows no conditional writes (If-Match, If-None-Match).",
                    "Two servers could mix their releases there. Name storage that knows them.");
        }
    }

    private static Manifest manifest(byte[] bytes) {
        try {
            return Manifest.read(bytes);
        } catch (IOException unfit) {
            throw new TargetTrouble(
                    "The manifest there is none that this Venue knows: " + unfit.getMessage() + ".",
                    "Name another place, or empty that one and deliver again.",
                    unfit);
        }
    }

    Manifest manifest() {
        return manifest;
    }

    /** Writes it in place of what was read; whoever comes second stops. */
    synchronized void write(Manifest next) {
        Optional<String> now = target.putIf(Manifest.KEY, next.bytes(), tag);
        if (now.isEmpty()) {
            throw new TargetTrouble(
                    "Another server or run wrote to " + target.where() + " meanwhile.",
                    "It goes on by itself when that one is done. Two servers shouldn’t deliver to one place.");
        }
        tag = now.get();
        manifest = next;
    }

    Lease lease() {
        return new Lease(run, clock.instant().plus(LEASE));
    }

    /** Before anything is done there: nothing is begun that might end when another may work. */
    synchronized void hold() {
        Lease lease = manifest.going().lease();
        if (lease == null || lease.until().isBefore(clock.instant().plus(SAFE))) {
            write(manifest.leased(lease()));
        }
    }

    /** Lets go of it where something is in the way; another waits for it else. */
    void letGo() {
        try {
            write(manifest.leased(null));
        } catch (TargetTrouble gone) {
            // It ends by itself.
        }
    }

    Bundle bundle(String name) {
        return read(manifest.holds().get(name));
    }

    /** What was on the way into a bundle when it broke off. */
    Bundle next(String name) {
        return read(manifest.going().next().get(name));
    }

    private Bundle read(@Nullable Held held) {
        if (held == null || held.hash().isEmpty() || lost.contains(held.hash())) {
            return Bundle.EMPTY;
        }
        Bundle known = BUNDLES.get(held.hash(), hash -> fetched(held).orElse(null));
        if (known == null) {
            if (!doubts) {
                throw new TargetTrouble("A part of the manifest at " + target.where() + " is damaged.", DAMAGED);
            }
            lost.add(held.hash());
        }
        return known == null ? Bundle.EMPTY : known;
    }

    /** Nothing where what lies there is not what it is named by. */
    private Optional<Bundle> fetched(Held held) {
        byte[] bytes = target.get(held.key()).map(Target.Got::bytes).orElse(new byte[0]);
        try {
            return Hash.over(bytes).text().equals(held.hash()) ? Optional.of(Bundle.read(bytes)) : Optional.empty();
        } catch (IOException unfit) {
            throw new TargetTrouble(String.valueOf(unfit.getMessage()), DAMAGED, unfit);
        }
    }

    /** From now on nothing is believed: bundles are read back, and one that is damaged counts as nothing that lies there. */
    void doubt() {
        doubts = true;
        Stream.concat(manifest.holds().values().stream(), manifest.going().next().values().stream())
                .forEach(held -> BUNDLES.invalidate(held.hash()));
    }

    Optional<Copy> find(String at) {
        return Optional.ofNullable(bundle(Bundle.of(at)).copies().get(at));
    }

    /** Whether the bytes of a copy lie there, as the manifest says. */
    boolean lies(Copy copy) {
        return find(copy.at()).filter(c -> c.lies().equals(copy.lies())).isPresent();
    }

    /** All that it holds, by address. */
    Map<String, Copy> all() {
        Map<String, Copy> all = new TreeMap<>();
        manifest.holds().keySet().forEach(name -> all.putAll(bundle(name).copies()));
        return all;
    }

    /** The first moment at which something may be another though nothing is released. */
    Optional<Instant> due() {
        return manifest.holds().values().stream()
                .flatMap(h -> Optional.ofNullable(h.due()).stream())
                .min(Instant::compareTo);
    }

    /** Lays a bundle down under its hash. */
    Held put(Bundle bundle) {
        if (bundle.copies().isEmpty()) {
            return new Held("", null);
        }
        byte[] bytes = bundle.bytes();
        Held held = new Held(Hash.over(bytes).text(), bundle.due().orElse(null));
        hold();
        target.put(held.key(), Target.Body.plain(bytes, "application/gzip"));
        BUNDLES.put(held.hash(), bundle);
        return held;
    }

    /** The keys that nothing names any more, with when that began. */
    Map<String, Instant> waiting() {
        String hash = manifest.going().waiting();
        if (hash.isEmpty()) {
            return new TreeMap<>();
        }
        byte[] bytes =
                target.get(Manifest.waitingKey(hash)).map(Target.Got::bytes).orElse(new byte[0]);
        try (GZIPInputStream zip = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            return new TreeMap<>(
                    ItemJson.readFromElsewhere(Waiting.class, new String(zip.readAllBytes(), StandardCharsets.UTF_8))
                            .keys());
        } catch (IOException damaged) {
            // What nobody knows of lies there until all of it is compared.
            return new TreeMap<>();
        }
    }

    /** Keeps them; the hash under which they lie. */
    String put(Map<String, Instant> waiting) {
        if (waiting.isEmpty()) {
            return "";
        }
        byte[] bytes = Zipped.gzip(ItemJson.write(new Waiting(waiting)).getBytes(StandardCharsets.UTF_8));
        String hash = Hash.over(bytes).text();
        target.put(Manifest.waitingKey(hash), Target.Body.plain(bytes, "application/gzip"));
        return hash;
    }
}
