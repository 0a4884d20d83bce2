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
import venue.server.app.Origins;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.store.proof.SentProofs;

/** Links to a page of the working copy, for somebody without an account. */
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
        here.working().require(Page.class, id);
        Function<PersonId, String> names = people.names();
        return sent.of(here.site(), id).stream()
                .map(l -> new SentProof(l.id(), names.apply(l.who()), l.at(), l.until()))
                .toList();
    }

    /** For how many days the link shall be good, 1 to 60. */
    record ForDays(int days) {}

    /** The address that opens the page. */
    record Made(String address) {}

    @PostMapping
    Made make(Here here, @PathVariable String id, @RequestBody ForDays wanted) {
        here.working().require(Page.class, id);
        if (wanted.days() < 1 || wanted.days() > LONGEST_DAYS) {
            throw Refusal.badInput(
                    "out-of-range",
                    "days",
                    "The link would be good for " + wanted.days() + " days; 1 to " + LONGEST_DAYS + " can be.",
                    "Give a number of days within the range.");
        }
        PersonId who = here.person().id();
        String token = sent.make(here.site(), id, who, Duration.ofDays(wanted.days()));
        return new Made(origins.of(here.working().site()) + "/-/sent/" + token);
    }

    @PostMapping("/{proof}/withdraw")
    List<SentProof> withdraw(Here here, @PathVariable String id, @PathVariable String proof) {
        if (!sent.withdraw(here.site(), id, proof)) {
            throw Refusal.unknown("proof", proof);
        }
        return sent(here, id);
    }
}
