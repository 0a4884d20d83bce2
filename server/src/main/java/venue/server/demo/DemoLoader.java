package venue.server.demo;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import venue.core.edition.Edition;
import venue.core.item.Item;
import venue.core.media.Media;
import venue.core.release.ReleaseEntry;
import venue.core.release.ReleasePlan;
import venue.core.site.Role;
import venue.demo.DemoPictures;
import venue.demo.KestrelMoor;
import venue.server.app.Origins;
import venue.server.app.Settings;
import venue.store.account.Account;
import venue.store.account.Accounts;
import venue.store.database.Unfit;
import venue.store.media.MediaIntake;
import venue.store.workspace.Asked;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Loads the demo where it is asked for and not there yet: the same intake, commands and release that people use. */
@Component
class DemoLoader implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final String MANAGER = "maja@kestrel-moor.example";
    private static final String EDITOR = "tomas@kestrel-moor.example";
    private static final String MANAGER_ID = "maja";
    private static final String MANAGER_NAME = "Maja Åkerlund";

    private final Settings settings;
    private final Workspaces workspaces;
    private final Accounts accounts;
    private final MediaIntake intake;
    private final PasswordEncoder passwords;
    private final Origins origins;
    private final InstantSource clock;
    private final boolean loads;

    DemoLoader(
            Settings settings,
            Workspaces workspaces,
            Accounts accounts,
            MediaIntake intake,
            PasswordEncoder passwords,
            Origins origins,
            InstantSource clock) {
        this.settings = settings;
        this.workspaces = workspaces;
        this.accounts = accounts;
        this.intake = intake;
        this.passwords = passwords;
        this.origins = origins;
        this.clock = clock;
        loads = settings.demoPassword() != null
                && workspaces.find(KestrelMoor.ID).isEmpty();
        if (settings.demoFresh() && !loads) {
            throw new Unfit("The demo in " + settings.data() + " is loaded already and keeps its password."
                    + " Leave --password out, or begin anew with --fresh.");
        }
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (loads) {
            load(passwords.encode(Objects.requireNonNull(settings.demoPassword())));
        }
    }

    private void load(String password) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        List<Item> items = new ArrayList<>(KestrelMoor.items(today));
        DemoPictures.all().forEach((id, picture) -> {
            Media media = intake.take(id, picture.name(), picture.drawn().get());
            items.add(media.withAlt(picture.alt(), false).withPlace(picture.name(), picture.folder()));
        });
        workspaces.begin(KestrelMoor.ID, MANAGER_ID, items, workspace -> {
            accounts.put(new Account(MANAGER_ID, MANAGER, MANAGER_NAME, password, Role.MANAGER));
            accounts.put(new Account("tomas", EDITOR, "Tomás Jurado", password, Role.EDITOR));
            work(workspace);
        });
    }

    private static void work(Workspace workspace) {
        Edition live = workspace.now().live();
        List<String> all = ReleasePlan.of(live, workspace.now().working()).entries().stream()
                .map(ReleaseEntry::item)
                .toList();
        workspace.release(MANAGER_ID, "The new site", all);
        KestrelMoor.changesSince().forEach(c -> workspace.run(Asked.of(MANAGER_ID, c)));
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        String at = origins.ofInterface().get(0);
        if (settings.demoPassword() == null) {
            LOG.info("Venue is at {}", at);
            return;
        }
        LOG.info("Venue is at   {}/", at);
        LOG.info(
                "The site is at {}/",
                origins.of(workspaces.require(KestrelMoor.ID).now().working().site()));
        LOG.info("Sign in as    {} (manager) or {} (editor)", MANAGER, EDITOR);
        if (loads) {
            LOG.info("Password      {}", settings.demoPassword());
        } else {
            LOG.info("Password      as it was when the demo was loaded; --fresh begins anew");
        }
    }
}
