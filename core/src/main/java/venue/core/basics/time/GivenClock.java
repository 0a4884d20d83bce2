package venue.core.basics.time;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;

/** A clock that stands at the time that it is given: for what happened at another time, and for tests. Any thread may read it. */
public final class GivenClock implements InstantSource {

    private volatile Instant now;

    public GivenClock(Instant now) {
        this.now = now;
    }

    /** Puts it to another time, before or after. */
    public void set(Instant other) {
        now = other;
    }

    /** Moves it on. */
    public void pass(Duration time) {
        now = now.plus(time);
    }

    @Override
    public Instant instant() {
        return now;
    }
}
