package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Component;
import venue.store.workspace.Workspace;

/** Notes what visitors ask for: pages that they read, and where no page is, in vain or of old. */
@Component
class Noted {

    private static final int OK = 200;
    private static final int MOVED = 301;
    private static final int NOT_FOUND = 404;
    private static final int GONE = 410;

    private final AskedInVain askedInVain;
    private final LedOn ledOn;
    private final ReadPages read;

    Noted(AskedInVain askedInVain, LedOn ledOn, ReadPages read) {
        this.read = read;
        this.askedInVain = askedInVain;
        this.ledOn = ledOn;
    }

    void note(Workspace workspace, HttpServletRequest asked, Reply reply) {
        switch (reply.status()) {
            case NOT_FOUND -> askedInVain.note(workspace, asked);
            case MOVED, GONE -> ledOn.note(workspace, asked.getRequestURI());
            case OK -> {
                if (reply.isPage()) {
                    read.note(workspace, asked);
                }
            }
            default -> {}
        }
    }
}
