package venue.server.outside;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.check.survey.OutsideLinks;
import venue.server.here.Here;
import venue.store.outside.CheckedLinks;

/** Links to other sites, and whether they are being looked at. */
@RestController
@RequestMapping("/api/sites/{site}/survey/outside")
class OutsideController {

    private final LinkCheck check;
    private final CheckedLinks links;

    OutsideController(LinkCheck check, CheckedLinks links) {
        this.check = check;
        this.links = links;
    }

    /**
     * How it stands with links to other sites.
     *
     * @param links how many addresses the working copy links to
     * @param dead at how many something was wrong when they were looked at last
     * @param last when that was, ISO 8601; absent where it never was
     * @param done how many of them have been looked at by now; absent where they are not being looked at
     */
    record OutsideState(
            int links,
            int dead,
            @Nullable String last,
            @Nullable Integer done) {}

    @GetMapping
    OutsideState state(Here here) {
        return new OutsideState(
                OutsideLinks.of(here.working()).size(),
                links.dead(here.site()).size(),
                links.last(here.site()).map(Instant::toString).orElse(null),
                check.going(here.site()).map(LinkCheck.Going::done).orElse(null));
    }

    /** Looks at all of them now. */
    @PostMapping
    OutsideState look(Here here) {
        here.requireManager("look at links to other sites");
        check.ask(here.site());
        return state(here);
    }
}
