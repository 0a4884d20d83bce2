package venue.server.site;

import java.util.List;
import java.util.function.Supplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Site;
import venue.server.beginning.SiteMaker;
import venue.server.here.Caller;
import venue.server.here.Here;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.workspace.Workspaces;

/** What concerns a site as a whole and holds at once: its host names, and whether it is served at all. */
@RestController
@RequestMapping("/api")
class SiteSettingsController {

    private final Workspaces workspaces;
    private final SiteMaker sites;
    private final Records records;

    SiteSettingsController(Workspaces workspaces, SiteMaker sites, Records records) {
        this.workspaces = workspaces;
        this.sites = sites;
        this.records = records;
    }

    /**
     * How a site is set.
     *
     * @param language as a BCP 47 tag
     * @param timeZone IANA name
     * @param hosts its host names; the first is its own, the others lead to it
     */
    record SiteSettings(String name, String language, String timeZone, List<String> hosts) {}

    /** Host names that a site is to have, its own first. */
    record Hosts(List<String> hosts) {}

    /** The name of a site, typed by whoever takes it away for good. */
    record TypedName(String name) {}

    @GetMapping("/sites/{site}/settings")
    SiteSettings settings(Here here) {
        Site site = here.working().site();
        return new SiteSettings(site.name(), site.language(), site.zone().getId(), site.hosts());
    }

    /** Gives a site its host names, at once. */
    @PostMapping("/sites/{site}/hosts")
    SiteSettings setHosts(Here here, @RequestBody Hosts asked) {
        here.requireManager("change host names");
        asked.hosts().forEach(sites::requireNotOurs);
        workspaces.setHosts(here.site(), here.person().id(), asked.hosts());
        SiteSettings now = settings(here.after());
        records.write(Deed.HOSTS_SET, here.by(), here.site(), null, String.join(", ", now.hosts()));
        return now;
    }

    /** Takes a site out of service. */
    @PostMapping("/sites/{site}/retire")
    void retire(Here here, Caller caller) {
        caller.requireOwner("retire sites");
        workspaces.retire(here.site());
        records.write(Deed.SITE_RETIRED, caller.by(), here.site(), null, null);
    }

    /** The retired sites, for owners. */
    @GetMapping("/retired-sites")
    List<Workspaces.Listed> retired(Caller caller) {
        caller.requireOwner("see retired sites");
        return workspaces.retired();
    }

    @PostMapping("/retired-sites/{id}/bring-back")
    void bringBack(Caller caller, @PathVariable SiteId id) {
        caller.requireOwner("bring sites back");
        workspaces.bringBack(id);
        records.write(Deed.SITE_BROUGHT_BACK, caller.by(), id, null, null);
    }

    /** Takes a retired site away for good. */
    @PostMapping("/retired-sites/{id}/remove")
    void remove(Caller caller, @PathVariable SiteId id, @RequestBody TypedName typed) {
        caller.requireOwner("remove sites");
        String name = workspaces.retired().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .map(Workspaces.Listed::name)
                .orElseThrow(unknown(id));
        if (!name.equals(typed.name().strip())) {
            throw Refusal.badInput(
                    "wrong-name",
                    "name",
                    "This is not the name of the site.",
                    "Type “" + name + "” to remove it for good, or leave it.");
        }
        workspaces.remove(id);
        records.write(Deed.SITE_REMOVED, caller.by(), id, null, name);
    }

    private static Supplier<Refusal> unknown(SiteId id) {
        return () -> Refusal.unknown("site", id.text());
    }
}
