package venue.core.change.edit.site;

import java.util.List;
import venue.core.change.edit.Command;

/** What is done to the site as a whole. */
public sealed interface SiteCommand extends Command permits ArrangeFooter, DescribeSite, SetHosts {

    static SiteCommand describeSite(String name, String language, String timeZone) {
        return new DescribeSite(name, language, timeZone);
    }

    static SiteCommand arrangeFooter(String id) {
        return new ArrangeFooter(id);
    }

    /** @param hosts the main one first */
    static SiteCommand setHosts(List<String> hosts) {
        return new SetHosts(hosts);
    }

    /** Host names as they are kept, or a refusal. */
    static List<String> hostNames(List<String> typed) {
        return SetHosts.checked(typed);
    }
}
