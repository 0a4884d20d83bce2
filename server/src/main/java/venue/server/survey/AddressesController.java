package venue.server.survey;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;
import venue.core.body.listing.Asked;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.live.address.Nearest;
import venue.core.live.address.Trail;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.show.render.View;
import venue.server.app.Origins;
import venue.server.here.Here;
import venue.server.live.AnswerAt;
import venue.store.search.InVain;

/** What answers at the addresses of a site, and which of them lead on. */
@RestController
@RequestMapping("/api/sites/{site}/addresses")
class AddressesController {

    private static final int LONGEST = 2_000;
    private static final int MOST = 200;
    private static final int MOST_IN_VAIN = 40;

    private final Origins origins;
    private final InstantSource clock;
    private final InVain inVain;

    AddressesController(Origins origins, InstantSource clock, InVain inVain) {
        this.inVain = inVain;
        this.origins = origins;
        this.clock = clock;
    }

    /**
     * A stop on the way from an address to what answers.
     *
     * @param page id of the page that answers, or that visitors may not see
     */
    record TrailStop(
            Trail.Kind kind,
            String address,
            @Nullable String page,
            @Nullable String title) {}

    /**
     * How an address comes to what answers.
     *
     * @param status what is answered first: 200, 301, 302, 404 or 410 (RFC 9110)
     * @param location where that leads, in one step; empty where it leads nowhere else
     */
    record AddressTrail(List<TrailStop> stops, int status, String location) {}

    /**
     * An address is followed as visitors would go from it.
     *
     * @param path as somebody typed it: with or without the site's name before it
     * @param live on the live site; else on the working copy
     */
    @GetMapping("/trail")
    AddressTrail trail(
            Here here,
            @RequestParam("path") String path,
            @RequestParam(name = "live", defaultValue = "true") boolean live) {
        if (live && here.now().release() == 0) {
            throw Refusal.badInput(
                    "not-released", "live", "Nothing of this site is live yet.", "Look at the working copy.");
        }
        Edition edition = live ? here.now().live() : here.working();
        View view = View.of(edition, clock.instant(), origins.of(edition.site()), View.Mode.VISITOR);
        String asked = typed(path, view.origin());
        Asked.Address further = Asked.at(asked, Map.of());
        AnswerAt answer = AnswerAt.of(view, asked);
        List<TrailStop> stops = Trail.of(edition, view::shows, further.page()).stops().stream()
                .map(s -> new TrailStop(
                        s.kind(),
                        s.kind() == Trail.Kind.ASKED ? asked : s.address(),
                        s.page() == null ? null : s.page().id(),
                        s.page() == null ? null : s.page().title()))
                .toList();
        return new AddressTrail(stops, answer.status(), answer.location());
    }

    /** What was typed, as a path of the site. */
    private static String typed(String path, String origin) {
        String own = path.strip();
        own = own.startsWith(origin) ? own.substring(origin.length()) : own;
        if (own.length() > LONGEST || own.contains("://")) {
            throw Refusal.badInput(
                    "not-an-address",
                    "path",
                    "That is no address of this site.",
                    "Type what stands behind the site's name, for example /visit.");
        }
        String decoded = URLDecoder.decode(
                own.replaceAll("[?#].*", "").replace("+", "%2B").replaceAll("%(?![0-9A-Fa-f]{2})", "%25"),
                StandardCharsets.UTF_8);
        return decoded.startsWith("/") ? decoded : "/" + decoded;
    }

    /**
     * An address that leads on.
     *
     * @param leads what visitors come to
     * @param to its address, or what was there
     * @param page id of the page that it leads to, where that is there
     * @param waits whether it leads so from the next release on
     */
    record LeadingAddress(
            String from,
            Trail.Kind leads,
            String to,
            @Nullable String page,
            @Nullable String title,
            boolean waits) {}

    /** @param found how many there are; at most 200 are told */
    record LeadingAddresses(int found, List<LeadingAddress> rows) {}

    /** Those whose words are in an address of theirs or in their page's name. */
    @GetMapping("/leading")
    LeadingAddresses leading(Here here, @RequestParam(name = "words", defaultValue = "") String words) {
        Edition working = here.working();
        String sought = Letters.folded(words);
        List<LeadingAddress> rows = working.all(Redirect.class)
                .map(r -> row(here, r))
                .filter(r -> Letters.folded(r.from() + " " + r.to() + " " + (r.title() == null ? "" : r.title()))
                        .contains(sought))
                .sorted(Comparator.comparing(LeadingAddress::from))
                .toList();
        return new LeadingAddresses(rows.size(), rows.stream().limit(MOST).toList());
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

    /** @param days for how many days it is kept */
    record AskedAddresses(int days, List<AskedAddress> rows) {}

    /** What answers by now is left out. Those to which the site itself leads come first, then those asked for most; at most 40. */
    @GetMapping("/in-vain")
    AskedAddresses inVain(Here here) {
        here.requireManager("see what visitors asked for");
        Edition working = here.working();
        Addresses addresses = new Addresses(working, p -> working.plan().isShown(p.id()));
        Nearest nearest = new Nearest(working);
        List<AskedAddress> rows = Stream.of(InVain.What.OWN_LINKS, InVain.What.ADDRESSES)
                .flatMap(what -> inVain.all(here.site(), what).stream()
                        .filter(m -> addresses.at(m.words()) instanceof AtAddress.Nothing)
                        .map(m -> asked(m, what == InVain.What.OWN_LINKS, nearest)))
                .limit(MOST_IN_VAIN)
                .toList();
        return new AskedAddresses(InVain.DAYS, rows);
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

    private static LeadingAddress row(Here here, Redirect redirect) {
        Edition working = here.working();
        List<Trail.Stop> stops = Trail.of(working, p -> working.plan().isShown(p.id()), redirect.from())
                .stops();
        Trail.Stop end = stops.get(stops.size() - 1);
        Page page = end.page();
        return new LeadingAddress(
                redirect.from(),
                end.kind(),
                end.address(),
                page == null ? null : page.id(),
                page == null ? null : page.title(),
                here.now().live().redirectFrom(redirect.from()).isEmpty());
    }
}
