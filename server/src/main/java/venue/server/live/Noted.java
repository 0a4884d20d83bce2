package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Component;
import venue.store.workspace.Workspace;

/** Notes what visitors ask for where no page is: in vain, or of old. */
@Component
class Noted {

    private static final int MOVED = 301;
    private static final int NOT_FOUND = 404;
    private static final int GONE = 410;

    private final AskedInVain askedInVain;
    private final LedOn ledOn;

    Noted(AskedInVain askedInVain, LedOn ledOn) {
        this.askedInVain = askedInVain;
        this.ledOn = ledOn;
    }

    void note(Workspace workspace, HttpServletRequest asked, Reply reply) {
        switch (reply.status()) {
            case NOT_FOUND -> askedInVain.note(workspace, asked);
            case MOVED, GONE -> ledOn.note(workspace, asked.getRequestURI());
            default -> {}
        }
    }
}
