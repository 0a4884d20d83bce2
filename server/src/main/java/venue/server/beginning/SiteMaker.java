package venue.server.beginning;

import java.nio.file.Path;
import java.security.SecureRandom;
import java.text.Normalizer;
import java.time.InstantSource;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import java.util.random.RandomGenerator;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.carry.beginning.NewSite;
import venue.core.carry.pack.Pack;
import venue.core.edition.edition.Edition;
import venue.core.live.release.ReleaseEntry;
import venue.core.model.site.Role;
import venue.core.model.site.Site;
import venue.server.app.FolderParts;
import venue.server.app.Settings;
import venue.store.media.MediaIntake;
import venue.store.people.Team;
import venue.store.record.By;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Makes a site of a beginning, with its first release and its maker's seat: all of it, or nothing. */
@Component
public class SiteMaker {

    private static final int LONGEST_ID = 40;
    /** Paths of the interface that are none of a site's. */
    private static final Set<String> RESERVED = Set.of("api", "assets");

    private final Workspaces workspaces;
    private final Team team;
    private final Beginnings beginnings;
    private final Settings settings;
    private final RandomGenerator chance = new SecureRandom();

    public SiteMaker(Workspaces workspaces, Team team, Beginnings beginnings, Settings settings) {
        this.workspaces = workspaces;
        this.team = team;
        this.beginnings = beginnings;
        this.settings = settings;
    }

    /** The same where no server runs. */
    public static SiteMaker without(FolderParts parts, MediaIntake intake, InstantSource clock, String interfaceHost) {
        Settings usual = new Settings(Path.of("data"), interfaceHost, "http", 0, DataSize.ofGigabytes(1), null, false);
        return new SiteMaker(parts.workspaces(), parts.people().team(), Beginnings.toMakeOf(clock, intake), usual);
    }

    /** Makes one of a pack, under a host name; its home page goes live, and all that is no page. */
    public Workspace of(By by, Pack pack, String host) {
        requireFree(host);
        PersonId who = by.who() == null ? new PersonId(by.origin()) : by.who();
        Site site = (Site) pack.rootItem();
        Consumer<Workspace> then = workspace -> {
            team.madeSite(by, workspace.site());
            if (by.who() != null) {
                team.seat(by, who, workspace.site(), Role.MANAGER);
            }
            List<String> live = site.home() == null ? List.of() : List.of(site.home());
            workspace.releasing().release(who, "The first pages", live(workspace, live));
        };
        return workspaces.begin(idFor(site.name()), who, pack, host, then);
    }

    /**
     * Makes it.
     *
     * @param by whose site it is
     * @param first what else is done in the same transaction, before anything else
     */
    public Workspace make(By by, NewSite site, String beginWith, Runnable first) {
        Beginnings.check(beginWith);
        requireFree(site.host());
        PersonId who = Objects.requireNonNull(by.who());
        Consumer<Workspace> then = workspace -> {
            first.run();
            team.madeSite(by, workspace.site());
            team.seat(by, who, workspace.site(), Role.MANAGER);
            workspace.releasing().release(who, "The first pages", live(workspace, Beginnings.live(beginWith)));
        };
        return workspaces.begin(idFor(site.name()), who, beginnings.items(beginWith, site), then);
    }

    /** What goes live at once: the pages that are written in full, and all that is no page. */
    private static List<String> live(Workspace workspace, List<String> pages) {
        Edition working = workspace.now().working();
        return workspace.now().plan().entries().stream()
                .map(ReleaseEntry::item)
                .filter(i -> pages.contains(i) || working.page(i).isEmpty())
                .toList();
    }

    /** Refuses a host name that belongs to another site, or to the interface. */
    public void requireFree(String host) {
        requireNotOurs(host);
        if (workspaces.isTaken(host)) {
            throw taken(host, "another site");
        }
    }

    /** Refuses the interface's own host name. */
    public void requireNotOurs(String host) {
        if (settings.isInterface(Settings.normal(host.strip()))) {
            throw taken(host, "the interface");
        }
    }

    private static Refusal taken(String host, String by) {
        return Refusal.conflict(
                "host-taken",
                "siteHost",
                "“" + host + "” belongs to " + by + ".",
                "Give another host name; it can be changed later.");
    }

    /** An id out of the site's name, for addresses of the interface. */
    private SiteId idFor(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String id = plain.substring(0, Math.min(LONGEST_ID, plain.length())).replaceAll("-$", "");
        boolean taken = RESERVED.contains(id) || workspaces.isKnown(new SiteId(id));
        return new SiteId(id.isEmpty() || taken ? Ids.fresh(chance) : id);
    }
}
