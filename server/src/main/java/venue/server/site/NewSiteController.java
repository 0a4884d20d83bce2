package venue.server.site;

import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import venue.core.basics.item.SiteId;
import venue.core.carry.beginning.NewSite;
import venue.core.carry.pack.Copied;
import venue.core.carry.pack.Pack;
import venue.core.edition.edition.ItemSort;
import venue.core.model.site.Site;
import venue.server.beginning.Beginnings;
import venue.server.beginning.SiteMaker;
import venue.server.here.Caller;
import venue.server.pack.WaitingPacks;
import venue.store.media.MediaFiles;
import venue.store.pack.PackFile;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** New sites, for owners. */
@RestController
@RequestMapping("/api")
class NewSiteController {

    private final SiteMaker sites;
    private final Beginnings beginnings;
    private final Workspaces workspaces;
    private final WaitingPacks waiting;
    private final MediaFiles files;

    NewSiteController(
            SiteMaker sites, Beginnings beginnings, Workspaces workspaces, WaitingPacks waiting, MediaFiles files) {
        this.sites = sites;
        this.beginnings = beginnings;
        this.workspaces = workspaces;
        this.waiting = waiting;
        this.files = files;
    }

    /**
     * A site that is to be made.
     *
     * @param siteHost its host name, without a port
     * @param language as a BCP 47 tag
     * @param timeZone IANA name
     * @param beginWith {@code empty}, {@code small} or {@code example}; {@code copy} of a site; {@code pack}
     * @param from the site that is copied, or the pack that was received
     * @param withContent whether a copy has what was written in the site, or its structure and theme alone
     */
    record AskedSite(
            String siteName,
            String siteHost,
            String language,
            String timeZone,
            String beginWith,
            @Nullable String from,
            @Nullable Boolean withContent) {}

    /** A pack of a whole site that was received. */
    record PackOfSite(String id, String name, String language, String timeZone, int pages, int files) {}

    /** The id of a site that was made. */
    record SiteMade(SiteId site) {}

    /** What a site can begin with. */
    @GetMapping("/beginnings")
    List<Beginnings.Offer> beginnings(Caller caller) {
        caller.requireOwner("make sites");
        return beginnings.offers();
    }

    /** Receives a pack for a site of its own. */
    @PostMapping("/packs")
    PackOfSite receive(Caller caller, @RequestParam MultipartFile file) throws IOException {
        caller.requireOwner("make sites");
        WaitingPacks.Waiting pack = waiting.receive(caller.person().id(), file);
        try (PackFile packed = pack.open()) {
            packed.pack().asSite("");
            Site site = (Site) packed.pack().rootItem();
            int pages = (int) packed.pack().items().stream()
                    .filter(p -> ItemSort.of(p.item()) == ItemSort.PAGE)
                    .count();
            return new PackOfSite(
                    pack.id(), site.name(), site.language(), site.zone().getId(), pages, packed.files());
        }
    }

    @PostMapping("/sites")
    SiteMade make(Caller caller, @RequestBody AskedSite asked) {
        caller.requireOwner("make sites");
        NewSite site = NewSite.of(asked.siteName(), asked.siteHost(), asked.language(), asked.timeZone());
        return new SiteMade(made(caller, site, asked).site());
    }

    private Workspace made(Caller caller, NewSite site, AskedSite asked) {
        String from = String.valueOf(asked.from());
        if (asked.beginWith().equals("copy")) {
            Pack pack = workspaces.require(new SiteId(from)).packs().copy(Boolean.TRUE.equals(asked.withContent()));
            return sites.of(caller.by(), Copied.as(site, pack), site.host());
        }
        if (asked.beginWith().equals("pack")) {
            WaitingPacks.Waiting pack = waiting.require(caller.person().id(), from);
            try (PackFile packed = pack.open()) {
                sites.requireFree(site.host());
                packed.unpack(packed.pack(), files, pack.done()::set);
                Workspace made = sites.of(caller.by(), Copied.as(site, packed.pack()), site.host());
                waiting.letGo(pack.who(), pack.id());
                return made;
            }
        }
        return sites.make(caller.by(), site, asked.beginWith(), () -> {});
    }
}
