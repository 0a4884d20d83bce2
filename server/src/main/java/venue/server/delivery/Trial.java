package venue.server.delivery;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import venue.core.live.delivery.Manifest;
import venue.store.delivery.Delivery;

/** Tries a place before anything is sent there: whether it can be reached, written, read, and refuses the second of two writers. */
final class Trial {

    private static final String KEY = ".venue/trial";

    private Trial() {}

    /** Where it is, in words; {@link TargetTrouble} where it can't be delivered to. */
    static String of(Delivery.Goes goes, TargetKeys keys) {
        try (Target target = DeliveryRuns.open(goes, keys)) {
            byte[] words = "May be removed.\n".getBytes(StandardCharsets.UTF_8);
            boolean ours = target.get(Manifest.KEY).isPresent();
            if (!ours && !target.isEmpty()) {
                throw new TargetTrouble(
                        "Something else lies at " + target.where() + ".",
                        "Name a place that is empty: what lies there would be mixed with the site.");
            }
            target.put(KEY, Target.Body.plain(words, "text/plain; charset=utf-8"));
            boolean read = target.get(KEY)
                    .filter(got -> Arrays.equals(got.bytes(), words))
                    .isPresent();
            target.remove(List.of(KEY));
            if (!read) {
                throw new TargetTrouble(
                        target.where() + " gave something else than was written there.",
                        "Ask whoever runs that storage: what is read must be what was written last.");
            }
            Ledger.requireConditions(target);
            return target.where();
        }
    }
}
