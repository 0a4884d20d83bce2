package venue.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import venue.core.basics.fault.Refusal;

class ThrottleTest {

    private final Throttle throttle = new Throttle();

    @Test
    void guessingAtOneAccountFromManyAddressesIsSlowedButNobodyIsLockedOut() {
        long before = 0;
        for (int i = 0; i < 1_000; i++) {
            long wait = throttle.waitMs("maja", "address " + i);
            assertThat(wait).isBetween(before, Throttle.LONGEST_MS);
            assertThat(wait > 0).isEqualTo(i >= Throttle.FREE);
            before = wait;
            throttle.failed("maja", "address " + i);
        }
        assertThat(before).isEqualTo(Throttle.LONGEST_MS);
        assertThat(throttle.waitMs("tomas", "elsewhere"))
                .as("others come in at once")
                .isZero();
        throttle.succeeded("maja");
        assertThat(throttle.waitMs("maja", "elsewhere")).isZero();
    }

    @Test
    void oneAddressTryingManyAccountsIsSlowedAndItsOwnAccountDoesNotHelp() {
        for (int i = 0; i < 20; i++) {
            throttle.failed("account " + i, "one");
        }
        throttle.succeeded("mine");
        assertThat(throttle.waitMs("another", "one")).isEqualTo(Throttle.LONGEST_MS);
        assertThat(throttle.waitMs("another", "two")).isZero();
    }

    @Test
    void anAddressHasFewTriesOnTheirWayAtOnce() {
        for (int i = 0; i < Throttle.MOST_AT_ONCE; i++) {
            throttle.begin("one");
        }
        assertThatThrownBy(() -> throttle.begin("one"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.sort()).isEqualTo(Refusal.Sort.BUSY));
        throttle.begin("two");
        throttle.end("one");
        throttle.begin("one");
    }

    @Test
    void fiftyPeopleComeInAtOneDoorAndAFewSlipsOfTheirsMatterNotButGuessingDoes() {
        for (int i = 0; i < Throttle.SLIPS; i++) {
            throttle.failed("slip " + i, "door");
        }
        for (int i = 0; i < Throttle.MOST_AT_ONCE; i++) {
            throttle.begin("door");
        }
        assertThatThrownBy(() -> throttle.begin("door"))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.details()).containsKey("retryAfter"))
                .hasMessageContaining("50 other tries");
        for (int i = 0; i < Throttle.MOST_AT_ONCE; i++) {
            throttle.end("door");
        }
        throttle.failed("one more", "door");
        for (int i = 0; i < Throttle.MOST_WHERE_GUESSED; i++) {
            throttle.begin("door");
        }
        assertThatThrownBy(() -> throttle.begin("door")).isInstanceOf(Refusal.class);
    }
}
