package venue.server.signin;

import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.store.session.Sessions;

/** Removes what is left of sessions that ended for want of use, once a minute. */
@Component
class EndedSessions {

    private static final long MINUTE_MS = 60_000;

    private final Sessions sessions;

    EndedSessions(Sessions sessions) {
        this.sessions = sessions;
    }

    @Scheduled(fixedDelay = MINUTE_MS, initialDelay = MINUTE_MS)
    void forget() {
        sessions.forget();
    }
}
