package venue.server.filling;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import venue.core.basics.time.GivenClock;

/** What is done from one network is bounded by the day, and nothing tells networks apart after it. */
class NetworkDaysTest {

    private static final Instant MORNING = Instant.parse("2026-12-01T06:00:00Z");
    private final GivenClock clock = new GivenClock(MORNING);

    @Test
    void soOftenADayAndTheDayAfterNobodyIsKnown() {
        NetworkDays days = new NetworkDays(clock);
        Random chance = new Random(39);
        Map<String, Integer> early = Map.of();
        for (int day = 0; day < 5; day++) {
            clock.set(MORNING.plus(Duration.ofDays(day)));
            Map<String, Integer> law = new HashMap<>(early);
            for (int i = 0; i < 500; i++) {
                String network = "10.0.0." + chance.nextInt(5);
                String what = "rate p" + chance.nextInt(3);
                int times = law.merge(network + what, 1, Integer::sum);
                assertThat(days.may(network, what, 12)).isEqualTo(times <= 12);
            }
            Set<String> held = days.held().keySet();
            assertThat(held).allMatch(k -> k.matches("[0-9a-f]{64}"));
            clock.set(MORNING.plus(Duration.ofHours(18L + 24 * day)));
            assertThat(days.held()).as("the day after").isEmpty();
            days.may("10.0.0.0", "rate p0", 12);
            early = Map.of("10.0.0.0rate p0", 1);
            assertThat(held)
                    .as("the same network is another")
                    .doesNotContainAnyElementsOf(days.held().keySet());
        }
    }
}
