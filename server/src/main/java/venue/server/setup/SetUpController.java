package venue.server.setup;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.carry.beginning.NewSite;
import venue.server.beginning.Beginnings;
import venue.server.signin.Entrance;
import venue.server.signin.Left;
import venue.server.signin.Throttle;
import venue.store.link.Links;
import venue.store.link.PersonalLink;
import venue.store.people.Persons;
import venue.store.record.By;

/** The first run, for whoever holds the code that the server printed. */
@RestController
@RequestMapping("/api/set-up")
class SetUpController {

    private static final String WHO = "set-up";

    private final SetUp setUp;
    private final Links links;
    private final Persons persons;
    private final Beginnings beginnings;
    private final Throttle throttle;
    private final Entrance entrance;

    SetUpController(
            SetUp setUp, Links links, Persons persons, Beginnings beginnings, Throttle throttle, Entrance entrance) {
        this.setUp = setUp;
        this.links = links;
        this.persons = persons;
        this.beginnings = beginnings;
        this.throttle = throttle;
        this.entrance = entrance;
    }

    /** Whether nobody has set this installation up yet. */
    record Needed(boolean needed) {}

    /** The code, as it was printed; capitals and dashes don't matter. */
    record Code(String code) {}

    /** All that is asked for. */
    record Begin(String code, FirstOwner owner, FirstSite site) {}

    /** Whoever sets it up. */
    record FirstOwner(String name, String email, String password) {}

    /**
     * The first site.
     *
     * @param siteHost host name of the site, without a port
     * @param language as a BCP 47 tag
     * @param timeZone IANA name
     * @param beginWith {@code empty}, {@code small} or {@code example}
     */
    record FirstSite(String siteName, String siteHost, String language, String timeZone, String beginWith) {

        private NewSite made() {
            return NewSite.of(siteName, siteHost, language, timeZone);
        }
    }

    /** The site that was made. */
    record Begun(SiteId site) {}

    @GetMapping
    Needed needed() {
        return new Needed(!persons.any());
    }

    /** Looks at the code, and tells what a site can begin with. */
    @PostMapping("/code")
    CompletableFuture<List<Beginnings.Offer>> code(@RequestBody Code typed, HttpServletRequest request) {
        return slowly(request, () -> {
            requireCode(typed.code(), request.getRemoteAddr());
            return beginnings.offers();
        });
    }

    /** Sets it up, and signs its first owner in. */
    @PostMapping
    CompletableFuture<Begun> begin(@RequestBody Begin asked, HttpServletRequest request, HttpServletResponse response) {
        String from = request.getRemoteAddr();
        return slowly(request, () -> {
            requireCode(asked.code(), from);
            FirstOwner owner = asked.owner();
            FirstSite site = asked.site();
            SetUp.Asked all =
                    new SetUp.Asked(owner.name(), owner.email(), owner.password(), site.made(), site.beginWith());
            SetUp.Made made = setUp.begin(new By(null, from), all, () -> {
                if (links.use(PersonalLink.Purpose.SET_UP, Links.plain(asked.code()))
                        .isEmpty()) {
                    throw wrong();
                }
            });
            entrance.open(made.owner(), request, response);
            return new Begun(made.workspace().site());
        });
    }

    private <T> CompletableFuture<T> slowly(HttpServletRequest request, Supplier<T> work) {
        String from = request.getRemoteAddr();
        throttle.begin(from);
        return Left.of(request)
                .thenApplyAsync(
                        left -> work.get(),
                        CompletableFuture.delayedExecutor(throttle.waitMs(WHO, from), TimeUnit.MILLISECONDS))
                .whenComplete((done, failure) -> throttle.end(from));
    }

    private void requireCode(String typed, String from) {
        if (persons.any()) {
            throw Refusal.conflict(
                    "set-up-already",
                    "code",
                    "This installation is set up already.",
                    "Sign in, or ask one of its owners to invite you.");
        }
        if (links.find(PersonalLink.Purpose.SET_UP, Links.plain(typed)).isEmpty()) {
            throttle.failed(WHO, from);
            throw wrong();
        }
    }

    private static Refusal wrong() {
        return Refusal.badInput(
                "wrong-code",
                "code",
                "This is not the code that this server printed when it started.",
                "Look at the window in which Venue was started, or at its log; each start prints a new one.");
    }
}
