package venue.server.delivery;

import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.edition.edition.Edition;
import venue.core.live.delivery.AsksServer;
import venue.core.live.delivery.MayDiffer;
import venue.core.live.release.ReleasePlan;
import venue.server.event.Events;
import venue.server.here.Here;
import venue.store.database.DataFolder;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.delivery.DeliveryState;

/** The places outside this machine to which a site's releases go, as they stand. */
@RestController
@RequestMapping("/api/sites/{site}/deliveries")
class DeliveriesController {

    private static final int LOG = 2_000;

    private final Deliveries deliveries;
    private final Delivering delivering;
    private final DeliveryRuns runs;
    private final Events events;
    private final Path data;

    DeliveriesController(
            Deliveries deliveries, Delivering delivering, DeliveryRuns runs, Events events, DataFolder folder) {
        this.deliveries = deliveries;
        this.delivering = delivering;
        this.runs = runs;
        this.events = events;
        data = folder.path();
    }

    /**
     * The deliveries of a site.
     *
     * @param mayChange whether whoever asks may say where they go
     * @param serverKeys whether the server was started with keys for those that have none of their own
     * @param asking what can't be answered without the server
     */
    record DeliveriesTold(List<DeliveryTold> all, boolean mayChange, boolean serverKeys, List<AsksServer> asking) {}

    /**
     * One of them.
     *
     * @param where in words
     * @param hasKeys whether keys were given for it; they are shown to nobody
     * @param lags whether the live release is not there yet
     */
    record DeliveryTold(
            String id,
            String name,
            String where,
            Delivery.Goes goes,
            boolean hasKeys,
            boolean lags,
            DeliveryStands stands) {}

    /**
     * How it stands.
     *
     * @param release the release that it shows; 0 before the first
     * @param at when that arrived, ISO 8601
     * @param doing what is being done there; absent where nothing is
     */
    record DeliveryStands(
            int release,
            @Nullable String at,
            @Nullable DeliveryDoing doing,
            @Nullable DeliveryTrouble trouble,
            int objects,
            long bytes) {}

    /** @param of how many steps there are; 0 while that isn't known */
    record DeliveryDoing(String words, int done, int of, long bytes) {}

    /** @param nextAt when it is tried again, ISO 8601 */
    record DeliveryTrouble(int failures, String nextAt, String says, String fix) {}

    @GetMapping
    DeliveriesTold told(Here here) {
        List<DeliveryTold> all =
                deliveries.of(here.site()).stream().map(d -> told(here, d)).toList();
        return new DeliveriesTold(
                all,
                here.person().owner(),
                runs.hasKeys(),
                AsksServer.of(here.now().live()));
    }

    private DeliveryTold told(Here here, Delivery delivery) {
        DeliveryState state = deliveries.state(delivery);
        return new DeliveryTold(
                delivery.id(),
                delivery.name(),
                delivery.goes().where(),
                delivery.goes(),
                !TargetKeys.given(data, delivery).isNone(),
                delivering.lags(here.workspace(), delivery, state),
                new DeliveryStands(
                        state.release(),
                        state.at() == null ? null : state.at().toString(),
                        delivering
                                .doing(delivery)
                                .map(d -> new DeliveryDoing(d.doing(), d.done(), d.of(), d.bytes()))
                                .orElse(null),
                        trouble(state.trouble()),
                        state.holds().objects(),
                        state.holds().bytes()));
    }

    private static @Nullable DeliveryTrouble trouble(DeliveryState.@Nullable Trouble trouble) {
        return trouble == null
                ? null
                : new DeliveryTrouble(trouble.failures(), trouble.nextAt().toString(), trouble.says(), trouble.fix());
    }

    private Delivery require(Here here, String id) {
        return deliveries.find(here.site(), id).orElseThrow(() -> Refusal.unknown("delivery", id));
    }

    /** Compares all of it with what lies there, and sends what isn't as it should be. */
    @PostMapping("/{id}/again")
    void again(Here here, @PathVariable String id) {
        here.requireManager("have a site delivered again");
        Delivery delivery = require(here, id);
        deliveries.keep(delivery, deliveries.state(delivery).hurried(true));
        events.tell(here.site(), "deliveries", Map.of("done", true));
    }

    /** What arrived of the releases after one, the latest first. */
    @GetMapping("/arrived")
    List<Deliveries.Arrived> arrived(Here here, @RequestParam(defaultValue = "0") int from) {
        return deliveries.arrived(here.site(), Math.max(0, from), LOG);
    }

    /** Which changes are meant: the items. */
    record DeliveryForeseenAsk(Set<String> items) {}

    /**
     * What a release of them would send.
     *
     * @param pages how many pages are looked at, because they may be others then
     * @param all whether that is all of them
     * @param objects at most so many are sent to each delivery, the compressed forms among them
     * @param bytes at most, as they were counted last
     */
    record DeliveryForeseen(int deliveries, int pages, boolean all, int objects, long bytes) {}

    @PostMapping("/foreseen")
    DeliveryForeseen foreseen(Here here, @RequestBody DeliveryForeseenAsk asked) {
        List<Delivery> all = deliveries.of(here.site());
        if (all.isEmpty() || asked.items() == null || asked.items().isEmpty()) {
            return new DeliveryForeseen(0, 0, false, 0, 0);
        }
        Edition live = here.now().live();
        ReleasePlan.Prepared prepared = ReleasePlan.of(live, here.working()).prepare(asked.items());
        Optional<Set<String>> pages = MayDiffer.pages(live, prepared.live(), prepared.items());
        int of = (int) live.plan().inOrder().filter(live.plan()::isShown).count();
        int reached = pages.map(Set::size).orElse(of);
        DeliveryState.Holds holds = all.stream()
                .map(d -> deliveries.state(d).holds())
                .max(Comparator.comparingInt(DeliveryState.Holds::objects))
                .orElse(DeliveryState.NEVER.holds());
        double share = of == 0 ? 1 : Math.min(1, (double) reached / of);
        return new DeliveryForeseen(
                all.size(),
                reached,
                pages.isEmpty(),
                pages.isEmpty() ? holds.objects() : reached * 3,
                pages.isEmpty() ? holds.bytes() : Math.round(holds.bytes() * share));
    }
}
