package venue.server.delivery;

import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.InstantSource;
import java.util.HexFormat;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.server.event.Events;
import venue.server.here.Caller;
import venue.server.here.Here;
import venue.store.database.DataFolder;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.record.Deed;
import venue.store.record.Records;

/** Says where releases go. An owner does, for these may be folders of the server, and storage that costs. */
@RestController
@RequestMapping("/api/sites/{site}/deliveries")
class DeliverySetController {

    private static final int ID_BYTES = 6;
    private static final int MOST = 20;
    private static final int LONGEST_SECRET = 4_000;
    private static final String SET = "say where releases go";

    private final Deliveries deliveries;
    private final DeliveryRuns runs;
    private final Events events;
    private final Records records;
    private final Path data;
    private final InstantSource clock;

    DeliverySetController(
            Deliveries deliveries,
            DeliveryRuns runs,
            Events events,
            Records records,
            DataFolder folder,
            InstantSource clock) {
        this.deliveries = deliveries;
        this.runs = runs;
        this.events = events;
        this.records = records;
        data = folder.path();
        this.clock = clock;
    }

    /**
     * What somebody says of a delivery.
     *
     * @param keyId of object storage; absent or empty to leave it as it is
     * @param headers values for the headers of the call, by name; those that are empty stay as they are
     */
    record DeliveryAsked(
            String name,
            Delivery.Goes goes,
            @Nullable String keyId,
            @Nullable String keySecret,
            @Nullable Map<String, String> headers) {}

    /** The id of what was made. */
    record DeliveryMade(String id) {}

    @PostMapping
    DeliveryMade make(Here here, Caller caller, @RequestBody DeliveryAsked asked) {
        caller.requireOwner(SET);
        if (deliveries.of(here.site()).size() >= MOST) {
            throw Refusal.badInput(
                    "too-many-deliveries", "name", "A site has at most 20 deliveries.", "Remove one that isn’t used.");
        }
        byte[] id = new byte[ID_BYTES];
        new SecureRandom().nextBytes(id);
        return keep(here, caller, HexFormat.of().formatHex(id), asked);
    }

    @PostMapping("/{id}")
    DeliveryMade change(Here here, Caller caller, @PathVariable String id, @RequestBody DeliveryAsked asked) {
        caller.requireOwner(SET);
        Delivery was = require(here, id);
        Delivery is = checked(here, id, asked);
        if (was.goes().layout() != is.goes().layout()
                || !was.goes().folder().equals(is.goes().folder())
                || !was.goes().bucket().name().equals(is.goes().bucket().name())
                || !was.goes().bucket().prefix().equals(is.goes().bucket().prefix())) {
            throw Refusal.badInput(
                    "delivery-elsewhere",
                    "goes",
                    "Where a delivery lies, and how, stays as it is.",
                    "Add another delivery, and remove this one when that has arrived.");
        }
        return keep(here, caller, id, asked);
    }

    private DeliveryMade keep(Here here, Caller caller, String id, DeliveryAsked asked) {
        Delivery delivery = checked(here, id, asked);
        TargetKeys keys = keys(delivery, asked);
        keys.keep(data, delivery);
        deliveries.put(delivery, clock.instant());
        deliveries.keep(delivery, deliveries.state(delivery).hurried(false));
        records.write(Deed.DELIVERY_SET, caller.by(), here.site(), null, delivery.name());
        events.tell(here.site(), "deliveries", Map.of("done", true));
        return new DeliveryMade(id);
    }

    private Delivery checked(Here here, String id, DeliveryAsked asked) {
        return DeliveryCheck.of(here.site(), id, asked.name(), asked.goes(), data, deliveries.of(here.site()));
    }

    /** What was given, and what was kept where nothing was. */
    private TargetKeys keys(Delivery delivery, DeliveryAsked asked) {
        TargetKeys kept = TargetKeys.given(data, delivery);
        Map<String, String> headers = new TreeMap<>();
        Map<String, String> given = Objects.requireNonNullElse(asked.headers(), Map.of());
        for (String name : delivery.goes().call().headers()) {
            String value = given.get(name);
            headers.put(
                    name,
                    value == null || value.isEmpty()
                            ? kept.headers().getOrDefault(name, "")
                            : secret("headers", value));
        }
        boolean anew = asked.keyId() != null && !asked.keyId().isBlank();
        return new TargetKeys(
                anew ? secret("keyId", Objects.requireNonNull(asked.keyId())) : kept.id(),
                anew ? secret("keySecret", Objects.requireNonNullElse(asked.keySecret(), "")) : kept.secret(),
                headers);
    }

    private static String secret(String field, String words) {
        String secret = words.strip();
        if (secret.isEmpty()
                || secret.length() > LONGEST_SECRET
                || !secret.chars().allMatch(c -> c >= ' ' && c < 127)) {
            throw Refusal.badInput(
                    "unfit-delivery",
                    field,
                    "Keys have 1 to 4000 plain characters.",
                    "Copy it once more, without line ends.");
        }
        return secret;
    }

    /**
     * What came of a trial.
     *
     * @param well whether it can be delivered to
     */
    record DeliveryTried(boolean well, String says, String fix) {}

    /** Tries a place; nothing is kept, and nothing stays there. */
    @PostMapping("/try")
    DeliveryTried tryOut(
            Here here,
            Caller caller,
            @RequestParam(required = false) @Nullable String id,
            @RequestBody DeliveryAsked asked) {
        caller.requireOwner(SET);
        Delivery delivery = checked(here, Optional.ofNullable(id).orElse(""), asked);
        try {
            TargetKeys keys = keys(delivery, asked);
            TargetKeys used = runs.orServers(keys);
            return new DeliveryTried(
                    true,
                    Trial.of(delivery.goes(), used)
                            + " can be written and read, and refuses the second of two writers.",
                    "");
        } catch (TargetTrouble trouble) {
            return new DeliveryTried(false, trouble.says(), trouble.fix());
        }
    }

    private Delivery require(Here here, String id) {
        return deliveries.find(here.site(), id).orElseThrow(() -> Refusal.unknown("delivery", id));
    }

    /** Forgets it; what was sent stays where it lies. */
    @PostMapping("/{id}/remove")
    void remove(Here here, Caller caller, @PathVariable String id) {
        caller.requireOwner(SET);
        Delivery delivery = require(here, id);
        deliveries.remove(delivery);
        TargetKeys.forget(data, delivery);
        records.write(Deed.DELIVERY_REMOVED, caller.by(), here.site(), null, delivery.name());
        events.tell(here.site(), "deliveries", Map.of("done", true));
    }
}
