package venue.store.session;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.session.Session;

/** A session whose last use is written down by the minute: otherwise each request would write to the disk. */
final class KeptSession implements Session {

    private static final Duration EVERY = Duration.ofMinutes(1);

    private final Session row;
    private boolean changed;

    private KeptSession(Session row, boolean changed) {
        this.row = row;
        this.changed = changed;
    }

    /** One that begins. */
    static KeptSession begun(Session row) {
        return new KeptSession(row, true);
    }

    /** One as it is written down. */
    static KeptSession of(Session row) {
        return new KeptSession(row, false);
    }

    /** Whether something of it is to be written down. */
    boolean isChanged() {
        return changed;
    }

    /** Says that it stands as it is written down. */
    void written() {
        changed = false;
    }

    Session row() {
        return row;
    }

    @Override
    public String getId() {
        return row.getId();
    }

    @Override
    public String changeSessionId() {
        changed = true;
        return row.changeSessionId();
    }

    @Override
    public <T> @Nullable T getAttribute(String name) {
        return row.getAttribute(name);
    }

    @Override
    public Set<String> getAttributeNames() {
        return row.getAttributeNames();
    }

    @Override
    public void setAttribute(String name, @Nullable Object value) {
        changed = true;
        if (value == null) {
            row.removeAttribute(name);
        } else {
            row.setAttribute(name, value);
        }
    }

    @Override
    public void removeAttribute(String name) {
        changed = true;
        row.removeAttribute(name);
    }

    @Override
    public Instant getCreationTime() {
        return row.getCreationTime();
    }

    @Override
    public void setLastAccessedTime(Instant now) {
        if (row.getLastAccessedTime().plus(EVERY).isBefore(now)) {
            changed = true;
            row.setLastAccessedTime(now);
        }
    }

    @Override
    public Instant getLastAccessedTime() {
        return row.getLastAccessedTime();
    }

    @Override
    public void setMaxInactiveInterval(Duration interval) {
        changed = true;
        row.setMaxInactiveInterval(interval);
    }

    @Override
    public Duration getMaxInactiveInterval() {
        return row.getMaxInactiveInterval();
    }

    @Override
    public boolean isExpired() {
        return row.isExpired();
    }
}
