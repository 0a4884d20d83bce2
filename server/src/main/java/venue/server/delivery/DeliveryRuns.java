package venue.server.delivery;

import java.nio.file.Path;
import java.time.InstantSource;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import venue.core.body.form.VisitorFacts;
import venue.core.live.delivery.Steps;
import venue.server.live.HeldSite;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.delivery.DeliveryState;
import venue.store.media.MediaFiles;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** Runs deliveries of one data folder, for its server and for verbs: one at a time to each place. */
public final class DeliveryRuns {

    /** Those that run in this process, whoever began them. */
    private static final Set<String> RUNNING = ConcurrentHashMap.newKeySet();

    private final Path data;
    private final MediaFiles media;
    private final Deliveries deliveries;
    private final InstantSource clock;
    private final @Nullable String keyId;
    private final @Nullable String keySecret;

    /**
     * Those of a folder.
     *
     * @param keyId by which object storage lets us in where a delivery has no keys of its own; absent for none
     */
    public DeliveryRuns(
            Path data,
            MediaFiles media,
            Deliveries deliveries,
            InstantSource clock,
            @Nullable String keyId,
            @Nullable String keySecret) {
        this.data = data;
        this.media = media;
        this.deliveries = deliveries;
        this.clock = clock;
        this.keyId = keyId;
        this.keySecret = keySecret;
    }

    TargetKeys keys(Delivery delivery) {
        return TargetKeys.given(data, delivery).or(keyId, keySecret);
    }

    /** The same, or the server's own where there are none. */
    TargetKeys orServers(TargetKeys keys) {
        return keys.or(keyId, keySecret);
    }

    /** Whether keys were given to the server for what has none of its own. */
    boolean hasKeys() {
        return keyId != null && keySecret != null;
    }

    static Target open(Delivery.Goes goes, TargetKeys keys) {
        if (goes.hasFolder()) {
            return new FolderTarget(Path.of(goes.folder()));
        }
        if (keys.isNone()) {
            throw new TargetTrouble(
                    "There are no keys for s3://" + goes.bucket().name() + ".",
                    "Give them here, or start the server with VENUE_S3_KEY_ID and VENUE_S3_KEY_SECRET.");
        }
        return new ObjectTarget(goes.bucket(), keys);
    }

    private Goal goal(Workspace workspace, Delivery delivery) {
        Standing now = workspace.now();
        return new Goal(
                workspace.site().text(),
                delivery.goes().layout(),
                delivery.goes().address(),
                new HeldSite(
                        now,
                        media,
                        delivery.goes().address(),
                        clock.instant(),
                        VisitorFacts.away(delivery.goes().server())),
                release -> past(workspace, now, release));
    }

    private static Optional<Goal.Past> past(Workspace workspace, Standing now, int release) {
        if (release == now.release()) {
            return Optional.of(new Goal.Past(now.live(), Set.of()));
        }
        return release > now.release()
                ? Optional.empty()
                : Optional.of(new Goal.Past(
                        workspace.releasing().at(release),
                        workspace
                                .releases()
                                .otherwiseAt(workspace.site(), release)
                                .keySet()));
    }

    /** What would be done; nothing is written. */
    public Steps foreseen(Workspace workspace, Delivery delivery) {
        DeliveryState state = deliveries.state(delivery);
        try (Target target = open(delivery.goes(), keys(delivery));
                DeliveryRun run = run(workspace, delivery, target, state, "", Progress.NONE)) {
            return run.foreseen();
        }
    }

    private DeliveryRun run(
            Workspace workspace,
            Delivery delivery,
            Target target,
            DeliveryState before,
            String name,
            Progress progress) {
        DeliveryRun.How how =
                new DeliveryRun.How(clock, name, before.run(), before.again(), data.resolve("delivering"));
        return new DeliveryRun(target, goal(workspace, delivery), how, progress);
    }

    /** Brings a place to what the site answers now, and keeps how it went. */
    public DeliveryRun.Outcome run(Workspace workspace, Delivery delivery, Progress progress) {
        String name = data.toAbsolutePath() + " " + delivery.site() + " " + delivery.id();
        if (!RUNNING.add(name)) {
            throw new TargetTrouble("It is being delivered there already.", "Wait until that is done.");
        }
        try {
            return begun(workspace, delivery, progress);
        } finally {
            RUNNING.remove(name);
        }
    }

    private DeliveryRun.Outcome begun(Workspace workspace, Delivery delivery, Progress progress) {
        DeliveryState before = deliveries.state(delivery);
        String run = UUID.randomUUID().toString();
        deliveries.keep(delivery, before.begun(run));
        try (Target target = open(delivery.goes(), keys(delivery));
                DeliveryRun begun = run(workspace, delivery, target, before, run, progress)) {
            DeliveryRun.Outcome outcome = begun.run();
            arrived(delivery, before.begun(run), outcome);
            return outcome;
        } catch (TargetTrouble trouble) {
            deliveries.keep(
                    delivery, deliveries.state(delivery).failed(clock.instant(), trouble.says(), trouble.fix()));
            throw trouble;
        }
    }

    private void arrived(Delivery delivery, DeliveryState before, DeliveryRun.Outcome outcome) {
        deliveries.keep(
                delivery,
                before.arrived(
                        outcome.release(),
                        clock.instant(),
                        Calls.news(delivery, before.untold(), outcome.changed()),
                        outcome.holds()));
        if (outcome.objects() > 0 || before.release() != outcome.release()) {
            deliveries.sent(
                    delivery,
                    new Deliveries.Arrived(
                            delivery.id(),
                            outcome.release(),
                            clock.instant().toString(),
                            outcome.objects(),
                            outcome.bytes()));
        }
    }
}
