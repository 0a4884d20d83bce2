package venue.server.survey;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.live.address.Nearest;
import venue.core.model.page.Page;
import venue.server.here.Here;
import venue.store.search.InVain;

/** The addresses that visitors asked for and did not get. */
@RestController
@RequestMapping("/api/sites/{site}/addresses/in-vain")
class InVainController {

    private static final int MOST = 40;

    private final InVain inVain;

    InVainController(InVain inVain) {
        this.inVain = inVain;
    }

    /**
     * An address that visitors asked for and did not get.
     *
     * @param last the day on which it last was, ISO 8601
     * @param within whether a page of the site itself leads there
     * @param nearest id of the page that may have been meant; absent where none is like it
     */
    record AskedAddress(
            String address,
            int times,
            String last,
            boolean within,
            @Nullable String nearest,
            @Nullable String title) {}

    /**
     * @param days for how many days it is kept
     * @param times how often visitors asked in vain, for what is told and what is not
     * @param robots how often robots did
     */
    record AskedAddresses(int days, int times, int robots, List<AskedAddress> rows) {}

    /** What answers by now is left out. Those to which the site itself leads come first, then those asked for most; at most 40. */
    @GetMapping
    AskedAddresses inVain(Here here) {
        here.requireManager("see what visitors asked for");
        Edition working = here.working();
        Addresses addresses = Addresses.ofAll(working);
        Nearest nearest = new Nearest(working);
        List<AskedAddress> rows = Stream.of(InVain.What.OWN_LINKS, InVain.What.ADDRESSES)
                .flatMap(what -> inVain.all(here.site(), what).stream()
                        .filter(m -> addresses.at(m.words()) instanceof AtAddress.Nothing)
                        .map(m -> asked(m, what == InVain.What.OWN_LINKS, nearest)))
                .limit(MOST)
                .toList();
        int times = inVain.times(here.site(), InVain.What.ADDRESSES) + inVain.times(here.site(), InVain.What.OWN_LINKS);
        return new AskedAddresses(InVain.DAYS, times, inVain.times(here.site(), InVain.What.ROBOTS), rows);
    }

    private static AskedAddress asked(InVain.Missed missed, boolean within, Nearest nearest) {
        Page page = nearest.to(missed.words()).orElse(null);
        return new AskedAddress(
                missed.words(),
                missed.times(),
                missed.last(),
                within,
                page == null ? null : page.id(),
                page == null ? null : page.title());
    }

    /** An address that is to be told no more. */
    record LeftAddress(String address) {}

    /** Tells an address no more, however often it is asked for. */
    @PostMapping("/leave")
    void leave(Here here, @RequestBody LeftAddress left) {
        here.requireManager("leave what visitors asked for");
        inVain.leave(here.site(), left.address());
    }
}
