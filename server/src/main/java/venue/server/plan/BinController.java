package venue.server.plan;

import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.function.Function;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.PersonId;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.store.workspace.Bin;
import venue.store.workspace.Done;

/** Pages that were removed, and bringing them back. */
@RestController
@RequestMapping("/api/sites/{site}/bin")
class BinController {

    private final InstantSource clock;
    private final People people;

    BinController(InstantSource clock, People people) {
        this.clock = clock;
        this.people = people;
    }

    /**
     * What was removed at once: a page with what stood beneath it.
     *
     * @param address where it would come back to, if no other page has taken it by then
     * @param pages how many they are in all
     * @param live how many of them visitors still have, until a release takes them off
     * @param who who removed them
     */
    record BinRow(String page, String title, String address, int pages, int live, BinTime time, String who) {}

    /** When it was removed, and until when it can be brought back; ISO 8601. */
    record BinTime(String at, String until) {}

    /** @param days for how many days removed pages lie there */
    record BinTold(long days, List<BinRow> rows) {}

    /** The latest first. */
    @GetMapping
    BinTold bin(Here here) {
        Function<PersonId, String> names = people.names();
        List<BinRow> rows = here.workspace().bin().all(here.working(), clock.instant()).stream()
                .map(l -> row(here, l, names))
                .toList();
        return new BinTold(Bin.KEPT.toDays(), rows);
    }

    private static BinRow row(Here here, Bin.Lying lying, Function<PersonId, String> names) {
        int live = (int) lying.ids().stream()
                .filter(id -> here.now().live().page(id).isPresent())
                .count();
        return new BinRow(
                lying.page(),
                lying.title(),
                lying.address(),
                lying.ids().size(),
                live,
                new BinTime(lying.at(), Instant.parse(lying.at()).plus(Bin.KEPT).toString()),
                names.apply(lying.who()));
    }

    /** A page in the bin. */
    record InBin(String page) {}

    /** Brings back a page with all that was removed with it, and the menu lines that led there. */
    @PostMapping("/back")
    Done back(Here here, @RequestBody InBin wanted) {
        return here.run(here.workspace().bin().back(here.working(), wanted.page(), clock.instant()));
    }
}
