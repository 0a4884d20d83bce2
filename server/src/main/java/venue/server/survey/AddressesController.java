package venue.server.survey;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.body.listing.Asked;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Trail;
import venue.core.model.gate.Visitor;
import venue.core.show.render.View;
import venue.server.app.Origins;
import venue.server.here.Here;
import venue.server.live.AnswerAt;

/** What answers at an address of a site. */
@RestController
@RequestMapping("/api/sites/{site}/addresses")
class AddressesController {

    private static final int LONGEST = 2_000;

    private final Origins origins;
    private final InstantSource clock;

    AddressesController(Origins origins, InstantSource clock) {
        this.origins = origins;
        this.clock = clock;
    }

    /**
     * A stop on the way from an address to what answers.
     *
     * @param page id of the page that answers, or that visitors may not see
     * @param by what the redirect that led there is from
     */
    record TrailStop(
            Trail.Kind kind,
            String address,
            @Nullable String page,
            @Nullable String title,
            @Nullable String by) {}

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
        View view = View.of(edition, clock.instant(), origins.of(edition.site()), View.Mode.VISITOR)
                .seenBy(Visitor.STRANGER);
        String asked = typed(path, view.origin());
        Asked.Address further = Asked.at(asked, Map.of());
        AnswerAt answer = AnswerAt.of(view, asked);
        List<TrailStop> stops = Trail.of(edition, view.visitor(), further.page()).stops().stream()
                .map(s -> new TrailStop(
                        s.kind(),
                        s.kind() == Trail.Kind.ASKED ? asked : s.address(),
                        s.page() == null ? null : s.page().id(),
                        s.page() == null ? null : s.page().title(),
                        s.by()))
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
}
