package venue.server.intake;

import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.server.app.Settings;
import venue.store.media.SiteBytes;

/** How much room the files of a site have. */
@Component
public final class Room {

    private final SiteBytes bytes;
    private final long most;

    Room(SiteBytes bytes, Settings settings) {
        this.bytes = bytes;
        most = settings.siteBytes().toBytes();
    }

    public long taken(SiteId site) {
        return bytes.of(site);
    }

    public long most() {
        return most;
    }

    long left(SiteId site) {
        return Math.max(0, most - bytes.of(site));
    }
}
