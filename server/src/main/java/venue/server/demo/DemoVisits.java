package venue.server.demo;

import java.time.InstantSource;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.springframework.stereotype.Component;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.demo.KestrelMoor;
import venue.store.visit.Visits;

/** How often the demo's pages were read before it was loaded: more on Fridays, less the deeper a page lies. */
@Component
class DemoVisits {

    private static final int DAYS = 60;
    private static final int HOME = 64;

    private final Visits visits;
    private final InstantSource clock;

    DemoVisits(Visits visits, InstantSource clock) {
        this.visits = visits;
        this.clock = clock;
    }

    void come(Edition live) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), live.site().zone());
        live.all(Page.class).filter(p -> live.plan().isShown(p.id())).forEach(page -> {
            Random chance = new Random(page.id().hashCode());
            int deep = live.servedAt(page).length() < 2
                    ? 0
                    : (int) live.servedAt(page).chars().filter(c -> c == '/').count();
            double usual = HOME / Math.pow(3, deep) * (0.3 + 1.4 * chance.nextDouble());
            Map<LocalDate, Visits.Day> days = new HashMap<>();
            for (int ago = 1; ago <= DAYS; ago++) {
                LocalDate day = today.minusDays(ago);
                double friday = day.getDayOfWeek().getValue() == 5 ? 2.2 : 1;
                long people = Math.round(usual * friday * (0.4 + 1.2 * chance.nextDouble()));
                if (people > 0) {
                    days.put(day, new Visits.Day(people, chance.nextInt(3)));
                }
            }
            visits.bring(KestrelMoor.ID, page.id(), days);
        });
    }
}
