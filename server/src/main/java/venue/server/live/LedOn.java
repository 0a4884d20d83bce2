package venue.server.live;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.model.redirect.Redirect;
import venue.store.search.LastAsked;
import venue.store.workspace.Workspace;

/** Notes of addresses that lead on, or are gone, that somebody asked for them. */
@Component
class LedOn {

    private final LastAsked lastAsked;

    LedOn(LastAsked lastAsked) {
        this.lastAsked = lastAsked;
    }

    /** @param path as it was asked for */
    void note(Workspace workspace, String path) {
        Edition live = workspace.now().live();
        Addresses.ofAll(live)
                .leading(URLDecoder.decode(path.replace("+", "%2B"), StandardCharsets.UTF_8))
                .map(Redirect::from)
                .ifPresent(from -> lastAsked.note(workspace.site(), from));
    }

    @Scheduled(fixedDelay = 60_000)
    void write() {
        lastAsked.write();
    }
}
