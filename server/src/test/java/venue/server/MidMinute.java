package venue.server;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import venue.core.basics.time.GivenClock;

/**
 * The same by a clock that stands still in the middle of this minute: forms say in which minute their page was written, and what is
 * sent at its very beginning seems to be sent too quickly.
 */
final class MidMinute extends DemoCopy {

    private static final Duration HALF = Duration.ofSeconds(30);

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        super.initialize(context);
        ((GenericApplicationContext) context)
                .registerBean(
                        InstantSource.class,
                        () -> new GivenClock(
                                Instant.now().truncatedTo(ChronoUnit.MINUTES).plus(HALF)));
    }
}
