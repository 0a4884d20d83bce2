package venue.server.firststeps;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Hash;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Site;
import venue.server.here.Here;
import venue.server.upkeep.BackupFolder;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** The first steps of a site, for those who manage it. */
@RestController
@RequestMapping("/api/sites/{site}/first-steps")
class FirstStepsController {

    /** In the order in which people do them. */
    private static final List<FirstStep> ALL = List.of(
            new TellWhoYouAre(),
            new ChooseALook(),
            new FillThePlaces(),
            new MakeAPage(),
            new LeadTheWay(),
            new ReleaseIt(),
            new WorkTogether(),
            new KeepABackup());

    private final Persons persons;
    private final Seats seats;
    private final BackupFolder upkeep;
    /** What each site began with does not change any more. */
    private final Map<SiteId, Begun> begun = new ConcurrentHashMap<>();

    FirstStepsController(Persons persons, Seats seats, BackupFolder upkeep) {
        this.upkeep = upkeep;
        this.persons = persons;
        this.seats = seats;
    }

    /**
     * A first step as the site stands.
     *
     * @param where the screen where it is done
     */
    record StepTold(String key, String title, String note, boolean done, String where) {}

    /** All of them; {@code away} where whoever asks has put them away. */
    record FirstSteps(boolean away, List<StepTold> steps) {}

    /** The items that a site began with, the look that its first release wore, and the content that look had. */
    private record Begun(Set<String> items, String look, Hash lookThen) {

        static Begun of(Workspace workspace) {
            SiteId site = workspace.site();
            Standing now = workspace.now();
            Map<String, Optional<Hash>> otherwise = workspace.releases().otherwiseAt(site, 1);
            Function<String, Hash> first = item -> otherwise
                    .getOrDefault(item, Optional.of(now.liveHashOf(item)))
                    .orElse(Hash.NONE);
            String look = workspace
                    .archive()
                    .past(Site.ID, first.apply(Site.ID))
                    .map(i -> ((Site) i).look())
                    .orElse("");
            return new Begun(workspace.journal().beganWith(site), look, first.apply(look));
        }
    }

    @GetMapping
    FirstSteps steps(Here here) {
        here.requireManager("see the first steps");
        if (persons.hasPutAway(here.person().id(), here.site())) {
            return new FirstSteps(true, List.of());
        }
        Begun begun = this.begun.computeIfAbsent(here.site(), s -> Begun.of(here.workspace()));
        long people = persons.all().stream()
                .filter(p -> seats.role(here.site(), p).isPresent())
                .count();
        SiteBegun site = new SiteBegun(
                here.now(), begun.items(), begun.look(), begun.lookThen(), (int) people, upkeep.isBackedUp());
        List<StepTold> told = ALL.stream()
                .filter(s -> s.isFor(here.person().owner()))
                .map(s -> new StepTold(s.key(), s.title(), s.note(site), s.isDone(site), s.where(site)))
                .toList();
        return new FirstSteps(false, told);
    }

    /** Puts them away for whoever asks, and nobody else. */
    @PostMapping("/put-away")
    void putAway(Here here) {
        persons.putAway(here.person().id(), here.site());
    }
}
