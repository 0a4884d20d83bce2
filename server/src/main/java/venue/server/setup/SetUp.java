package venue.server.setup;

import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.InstantSource;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.springframework.util.unit.DataSize;
import venue.core.beginning.NewSite;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.release.ReleaseEntry;
import venue.core.site.Role;
import venue.server.app.Settings;
import venue.server.beginning.Beginnings;
import venue.server.signin.PasswordRules;
import venue.server.signin.Passwords;
import venue.store.media.MediaIntake;
import venue.store.people.Credentials;
import venue.store.people.Email;
import venue.store.people.Person;
import venue.store.people.Team;
import venue.store.record.By;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Makes the first owner and the first site, both or neither. */
public final class SetUp {

    private static final int LONGEST_ID = 40;
    private static final PasswordRules RULES = new PasswordRules();

    private final Workspaces workspaces;
    private final Team team;
    private final Passwords passwords;
    private final Beginnings beginnings;
    private final Settings settings;
    private final RandomGenerator chance;

    public SetUp(
            Workspaces workspaces,
            Team team,
            Passwords passwords,
            Beginnings beginnings,
            Settings settings,
            RandomGenerator chance) {
        this.workspaces = workspaces;
        this.team = team;
        this.passwords = passwords;
        this.beginnings = beginnings;
        this.settings = settings;
        this.chance = chance;
    }

    /** The same where no server runs. */
    public static SetUp without(
            Workspaces workspaces, Team team, Credentials credentials, MediaIntake intake, InstantSource clock) {
        Settings usual = new Settings(Path.of("data"), "localhost", "http", 0, DataSize.ofGigabytes(1), null, false);
        return new SetUp(
                workspaces,
                team,
                new Passwords(credentials),
                Beginnings.toMakeOf(clock, intake),
                usual,
                new SecureRandom());
    }

    /** Who is to own it, and with what the first site is to begin. */
    public record Asked(String name, String email, String password, NewSite site, String beginWith) {}

    /** What has been made. */
    public record Made(Person owner, Workspace workspace) {}

    /**
     * Does it.
     *
     * @param code uses up what lets somebody do it; runs within the one transaction
     */
    public Made begin(By by, Asked asked, Runnable code) {
        team.requireNobody();
        check(asked);
        requireFree(asked.site().host());
        String hash = passwords.encode(asked.password());
        Person[] owner = new Person[1];
        String id = Ids.fresh(chance);
        Workspace made = workspaces.begin(
                idFor(asked.site()), id, beginnings.items(asked.beginWith(), asked.site()), workspace -> {
                    code.run();
                    owner[0] = team.found(by, id, asked.email(), asked.name(), hash);
                    By self = new By(id, by.origin());
                    team.madeSite(self, workspace.site());
                    team.seat(self, id, workspace.site(), Role.MANAGER);
                    workspace.release(id, "The first pages", first(workspace, Beginnings.live(asked.beginWith())));
                });
        return new Made(owner[0], made);
    }

    /** What goes live at once: the pages that are written in full, and all that is no page. */
    private static List<String> first(Workspace workspace, List<String> pages) {
        Edition working = workspace.now().working();
        return workspace.now().plan().entries().stream()
                .map(ReleaseEntry::item)
                .filter(i -> pages.contains(i) || working.page(i).isEmpty())
                .toList();
    }

    /** Refuses what can't be, wherever it is to be. */
    public static void check(Asked asked) {
        Beginnings.check(asked.beginWith());
        Email.check(asked.email(), "email");
        RULES.check(
                asked.password(),
                List.of(
                        asked.name(),
                        asked.email(),
                        asked.site().name(),
                        asked.site().host()));
    }

    private void requireFree(String host) {
        Optional<Workspace> taken = workspaces.servedAt(host);
        if (taken.isPresent() || settings.isInterface(host)) {
            String by = taken.map(w -> "the site “" + w.now().working().site().name() + "”")
                    .orElse("the interface");
            throw Refusal.conflict(
                    "host-taken",
                    "siteHost",
                    "“" + host + "” belongs to " + by + ".",
                    "Give another host name; it can be changed later.");
        }
    }

    /** An id out of the site's name, for addresses of the interface. */
    private String idFor(NewSite site) {
        String plain = java.text.Normalizer.normalize(site.name(), java.text.Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String id = plain.substring(0, Math.min(LONGEST_ID, plain.length())).replaceAll("-$", "");
        return id.isEmpty() || workspaces.find(id).isPresent() ? Ids.fresh(chance) : id;
    }
}
