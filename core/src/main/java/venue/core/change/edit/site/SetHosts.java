package venue.core.change.edit.site;

import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.carry.beginning.NewSite;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;

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
