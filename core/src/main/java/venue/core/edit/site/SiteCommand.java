package venue.core.edit.site;

import java.util.List;
import venue.core.edit.Command;

/** What is done to the site as a whole. */
public sealed interface SiteCommand extends Command permits DescribeSite, SetHosts {

    static SiteCommand describeSite(String name, String language, String timeZone) {
        return new DescribeSite(name, language, timeZone);
    }

    /** Gives the site its host names, the main one first; they come back as they will be kept. */
    static SetHosts setHosts(List<String> hosts) {
        return new SetHosts(hosts);
    }
}
