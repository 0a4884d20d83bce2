package venue.server.demo;

import jakarta.annotation.PostConstruct;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.site.Role;
import venue.demo.KestrelMoor;
import venue.server.app.Origins;
import venue.server.app.Settings;
import venue.server.beginning.ExampleSite;
import venue.server.signin.Passwords;
import venue.store.database.Unfit;
import venue.store.media.MediaIntake;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Team;
import venue.store.record.By;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Loads the demo where it is asked for and not there yet: the same intake, commands and release that people use. */
@Component
class DemoLoader {

    private static final int PICTURES_A_LINE = 6;
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final String MANAGER = "maja@kestrel-moor.example";
    private static final String EDITOR = "tomas@kestrel-moor.example";
    private static final String MANAGER_ID = "maja";
    private static final String MANAGER_NAME = "Maja Åkerlund";
    private static final String EDITOR_ID = "tomas";
    private static final String EDITOR_NAME = "Tomás Jurado";

    private final Settings settings;
    private final Workspaces workspaces;
    private final Persons persons;
    private final Team team;
    private final MediaIntake intake;
    private final Passwords passwords;
    private final Origins origins;
    private final InstantSource clock;
    private final boolean loads;

    DemoLoader(
            Settings settings,
            Workspaces workspaces,
            Persons persons,
            Team team,
            MediaIntake intake,
            Passwords passwords,
            Origins origins,
            InstantSource clock) {
        this.settings = settings;
        this.workspaces = workspaces;
        this.persons = persons;
        this.team = team;
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

    /** Before the server listens: whoever comes finds all of it. */
    @PostConstruct
    void load() {
        if (loads) {
            load(passwords.encode(Objects.requireNonNull(settings.demoPassword())));
        }
    }

    private void load(String password) {
        LOG.info("Loading the demo: pages, templates and pictures; this is done once.");
        int all = ExampleSite.pictures();
        List<Item> items = ExampleSite.items(clock, intake, taken -> {
            if (taken % PICTURES_A_LINE == 0 || taken == all) {
                LOG.info("Pictures taken in: {} of {}.", taken, all);
            }
        });
        LOG.info("The first release and what has changed since.");
        workspaces.begin(KestrelMoor.ID, MANAGER_ID, items, workspace -> {
            persons.add(person(MANAGER_ID, MANAGER, MANAGER_NAME, password, true));
            persons.add(person(EDITOR_ID, EDITOR, EDITOR_NAME, password, false));
            By demo = new By(MANAGER_ID, "the demo");
            team.seat(demo, MANAGER_ID, KestrelMoor.ID, Role.MANAGER);
            team.seat(demo, EDITOR_ID, KestrelMoor.ID, Role.EDITOR);
            persons.putAway(MANAGER_ID, KestrelMoor.ID);
            work(workspace);
        });
    }

    private Person person(String id, String email, String name, String password, boolean owner) {
        String since = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        return new Person(id, email, name, password, owner, false, Person.State.ACTIVE, since, null);
    }

    private static void work(Workspace workspace) {
        Edition live = workspace.now().live();
        List<String> all = ReleasePlan.of(live, workspace.now().working()).entries().stream()
                .map(ReleaseEntry::item)
                .toList();
        workspace.release(MANAGER_ID, "The new site", all);
        KestrelMoor.changesSince().forEach(c -> workspace.run(AskedRequest.of(MANAGER_ID, c)));
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        String at = origins.ofInterface().get(0);
        if (settings.demoPassword() == null) {
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
