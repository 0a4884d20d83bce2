package venue.core.edit.site;

import java.util.List;
import venue.core.beginning.NewSite;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.fault.Refusal;

/** Gives the site its host names, the main one first. Who else has one is looked at by whoever gives this. */
record SetHosts(List<String> hosts) implements SiteCommand {

    private static final int MOST = 20;

    SetHosts {
        hosts = checked(hosts);
    }

    /** The names as they are kept, or a refusal. */
    static List<String> checked(List<String> hosts) {
        List<String> names = hosts.stream().map(NewSite::checkHost).distinct().toList();
        if (names.isEmpty() || names.size() > MOST) {
            throw Refusal.badInput(
                    "bad-hosts",
                    "siteHost",
                    names.isEmpty() ? "The site would have no host name." : names.size() + " host names.",
                    "Give 1 to " + MOST + ".");
        }
        return names;
    }

    @Override
    public Change on(Desk desk) {
        return Change.of("host names of the site", desk.edition().site().withHosts(hosts));
    }
}
