package venue.server.demo;

import jakarta.annotation.PostConstruct;
import java.time.InstantSource;
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
import venue.demo.KestrelMoor;
import venue.server.app.Origins;
import venue.server.app.Settings;
import venue.server.beginning.ExampleSite;
import venue.store.database.Unfit;
import venue.store.media.MediaIntake;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Loads the demo where it is asked for and not there yet: the same intake, commands and release that people use. */
@Component
class DemoLoader {

    private static final int PICTURES_A_LINE = 6;
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final Settings settings;
    private final Workspaces workspaces;
    private final DemoPeople people;
    private final DemoAnswers answers;
    private final DemoLetters letters;
    private final DemoTraces traces;
    private final MediaIntake intake;
    private final Origins origins;
    private final InstantSource clock;
    private final boolean loads;

    DemoLoader(
            Settings settings,
            Workspaces workspaces,
            DemoPeople people,
            DemoAnswers answers,
            DemoLetters letters,
            DemoTraces traces,
            MediaIntake intake,
            Origins origins,
            InstantSource clock) {
        this.settings = settings;
        this.workspaces = workspaces;
        this.people = people;
        this.answers = answers;
        this.letters = letters;
        this.traces = traces;
        this.intake = intake;
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
            load(Objects.requireNonNull(settings.demoPassword()));
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
        workspaces.begin(KestrelMoor.ID, DemoPeople.MANAGER_ID, items, workspace -> {
            people.come(password);
            work(workspace);
        });
        answers.come(workspaces.require(KestrelMoor.ID).now().live());
        traces.come(workspaces.require(KestrelMoor.ID).now().live());
    }

    private static void work(Workspace workspace) {
        Edition live = workspace.now().live();
        List<String> all = ReleasePlan.of(live, workspace.now().working()).entries().stream()
                .map(ReleaseEntry::item)
                .toList();
        workspace.releasing().release(DemoPeople.MANAGER_ID, "The new site", all);
        KestrelMoor.changesSince().forEach(c -> workspace.run(AskedRequest.of(DemoPeople.MANAGER_ID, c)));
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        String at = origins.ofInterface().get(0);
        if (settings.demoPassword() == null) {
            return;
        }
        if (loads) {
            // They hold whole addresses, which are known once the server listens.
            letters.go(workspaces.require(KestrelMoor.ID).now());
        }
        LOG.info("Venue is at   {}/", at);
        LOG.info(
                "The site is at {}/",
                origins.of(workspaces.require(KestrelMoor.ID).now().working().site()));
        LOG.info("Sign in as    {} (manager) or {} (editor)", DemoPeople.MANAGER, DemoPeople.EDITOR);
        if (loads) {
            LOG.info("Password      {}", settings.demoPassword());
        } else {
            LOG.info("Password      as it was when the demo was loaded; --fresh begins anew");
        }
    }
}
