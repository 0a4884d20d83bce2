package venue.server.survey;

import java.util.List;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.server.here.Here;
import venue.store.search.InVain;

/** What visitors of a site looked for and did not find. */
@RestController
@RequestMapping("/api/sites/{site}/sought")
class SoughtController {

    private static final long MINUTE_MS = 60_000;

    private final InVain inVain;

    SoughtController(InVain inVain) {
        this.inVain = inVain;
    }

    /** Keeps what was counted meanwhile. */
    @Scheduled(fixedDelay = MINUTE_MS)
    void keep() {
        inVain.write();
    }

    /** @param days for how many days it is kept */
    record SoughtInVain(int days, List<InVain.Missed> missed) {}

    /** Those that were looked for most come first; at most 200. */
    @GetMapping
    SoughtInVain sought(Here here) {
        here.requireManager("see what visitors looked for");
        return new SoughtInVain(InVain.DAYS, inVain.all(here.site(), InVain.What.WORDS));
    }
}
