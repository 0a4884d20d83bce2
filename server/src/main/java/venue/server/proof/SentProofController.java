package venue.server.proof;

import java.time.Duration;
import java.util.List;
import java.util.function.Function;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.server.app.Origins;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.store.proof.SentProofs;

/** Links to a page of the working copy, or to the whole live site, for somebody without an account. */
@RestController
@RequestMapping("/api/sites/{site}/pages/{id}/sent")
class SentProofController {

    private static final int LONGEST_DAYS = 60;
    private final SentProofs sent;
    private final Origins origins;
    private final People people;

    SentProofController(SentProofs sent, Origins origins, People people) {
        this.sent = sent;
        this.origins = origins;
        this.people = people;
    }

    /** A link that is good; the address itself is told only when it is made. */
    record SentProof(String id, String who, String at, String until) {}

    @GetMapping
    List<SentProof> sent(Here here, @PathVariable String id) {
        require(here, id);
        Function<PersonId, String> names = people.names();
        return sent.of(here.site(), id).stream()
                .map(l -> new SentProof(l.id(), names.apply(l.who()), l.at(), l.until()))
                .toList();
    }

    /** A page; or the site itself, which managers let somebody look at. */
    private static void require(Here here, String id) {
        if (id.equals(Site.ID)) {
            here.requireManager("let somebody look at all that is closed");
        } else {
            here.working().require(Page.class, id);
        }
    }

    /** For how many days the link shall be good, 1 to 60. */
    record ForDays(int days) {}

    /** The address that opens the page. */
    record Made(String address) {}

    @PostMapping
    Made make(Here here, @PathVariable String id, @RequestBody ForDays wanted) {
        require(here, id);
        if (wanted.days() < 1 || wanted.days() > LONGEST_DAYS) {
            throw Refusal.badInput(
                    "out-of-range",
                    "days",
                    "The link would be good for " + wanted.days() + " days; 1 to " + LONGEST_DAYS + " can be.",
                    "Give a number of days within the range.");
        }
        PersonId who = here.person().id();
        String token = sent.make(here.site(), id, who, Duration.ofDays(wanted.days()));
        String origin = origins.of(here.working().site());
        return new Made(id.equals(Site.ID) ? origin + "/-/walk/" + token + "/us/live" : origin + "/-/sent/" + token);
    }

    @PostMapping("/{proof}/withdraw")
    List<SentProof> withdraw(Here here, @PathVariable String id, @PathVariable String proof) {
        if (!sent.withdraw(here.site(), id, proof)) {
            throw Refusal.unknown("proof", proof);
        }
        return sent(here, id);
    }
}
