package venue.server.firststeps;

import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.site.Site;
import venue.server.here.Here;
import venue.store.people.Persons;
import venue.store.people.Seats;

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
            new WorkTogether());

    private final Persons persons;
    private final Seats seats;

    FirstStepsController(Persons persons, Seats seats) {
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

    @GetMapping
    FirstSteps steps(Here here) {
        here.requireManager("see the first steps");
        if (persons.hasPutAway(here.person().id(), here.site())) {
            return new FirstSteps(true, List.of());
        }
        Map<String, String> first = here.workspace().releases().mapAt(here.site(), 1);
        String firstLook = here.workspace()
                .archive()
                .past(Site.ID, first.getOrDefault(Site.ID, ""))
                .map(i -> ((Site) i).look())
                .orElse("");
        SiteBegun site =
                new SiteBegun(here.now(), here.workspace().journal().beganWith(here.site()), first, firstLook, (int)
                        persons.all().stream()
                                .filter(p -> seats.role(here.site(), p).isPresent())
                                .count());
        List<StepTold> told = ALL.stream()
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
