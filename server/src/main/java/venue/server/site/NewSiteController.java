package venue.server.site;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.beginning.NewSite;
import venue.server.beginning.Beginnings;
import venue.server.beginning.SiteMaker;
import venue.server.here.Caller;

/** New sites, for owners. */
@RestController
@RequestMapping("/api")
class NewSiteController {

    private final SiteMaker sites;
    private final Beginnings beginnings;

    NewSiteController(SiteMaker sites, Beginnings beginnings) {
        this.sites = sites;
        this.beginnings = beginnings;
    }

    /**
     * A site that is to be made.
     *
     * @param siteHost its host name, without a port
     * @param language as a BCP 47 tag
     * @param timeZone IANA name
     * @param beginWith {@code empty}, {@code small} or {@code example}
     */
    record AskedSite(String siteName, String siteHost, String language, String timeZone, String beginWith) {}

    /** The id of a site that was made. */
    record SiteMade(String site) {}

    /** What a site can begin with. */
    @GetMapping("/beginnings")
    List<Beginnings.Offer> beginnings(Caller caller) {
        caller.requireOwner("make sites");
        return beginnings.offers();
    }

    @PostMapping("/sites")
    SiteMade make(Caller caller, @RequestBody AskedSite asked) {
        caller.requireOwner("make sites");
        NewSite site = NewSite.of(asked.siteName(), asked.siteHost(), asked.language(), asked.timeZone());
        return new SiteMade(
                sites.make(caller.by(), site, asked.beginWith(), () -> {}).site());
    }
}
