package venue.server.signin;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ThrottleTest {

    private final Throttle throttle = new Throttle();

    @Test
    void fiveFailuresAreFreeAndOneSuccessForgetsThem() {
        for (int i = 0; i < Throttle.FREE; i++) {
            assertThat(throttle.mustWait("maja")).isFalse();
            throttle.failed("maja");
        }
        assertThat(throttle.mustWait("maja")).isTrue();
        assertThat(throttle.mustWait("tomas")).as("others come in").isFalse();
        throttle.succeeded("maja");
        assertThat(throttle.mustWait("maja")).isFalse();
    }
}
