package venue.server;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/**
 * The same by a clock that begins in the middle of this minute and is a millisecond later each time it is read: forms
 * say in which minute their page was written, and what is sent at its very beginning seems to be sent too quickly.
 */
final class MidMinute extends DemoCopy {

    private static final Duration HALF = Duration.ofSeconds(30);
    private static final long STEP_NANOS = 1_000_000;

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        super.initialize(context);
        Instant begun = Instant.now().truncatedTo(ChronoUnit.MINUTES).plus(HALF);
        AtomicLong readings = new AtomicLong();
        InstantSource clock = () -> begun.plusNanos(STEP_NANOS * readings.incrementAndGet());
        ((GenericApplicationContext) context).registerBean(InstantSource.class, () -> clock);
    }
}
