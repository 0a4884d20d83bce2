package venue.core.live.address;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.live.address.AtAddress.Closed;
import venue.core.live.address.AtAddress.Elsewhere;
import venue.core.live.address.AtAddress.Gone;
import venue.core.live.address.AtAddress.Here;
import venue.core.live.address.AtAddress.Moved;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/** How an address comes to what answers: told step by step, though whoever asks takes one. */
public record Trail(List<Stop> stops) {

    /** What an address has come to at a stop. */
    public enum Kind {
        ASKED,
        /** Written as it is served. */
        RIGHT,
        /** No page stands there, and a redirect leads on. */
        LED,
        /** The page that stands there is served as the home page. */
        HOME,
        SERVED,
        /** A page stands there, and visitors may not see it. */
        HIDDEN,
        /** A page stands there that is not for whoever asks; they are asked to sign in, or told whom to ask. */
        CLOSED,
        /** A page stands there of which whoever asks doesn't learn. */
        UNTOLD,
        /** What stood there is not there any more. */
        GONE,
        ELSEWHERE,
        NOTHING
    }

    /**
     * A stop on the way.
     *
     * @param address where it is now
     * @param page the page that answers or is hidden there
     * @param by what the redirect that led there is from
     */
    public record Stop(
            Kind kind,
            String address,
            @Nullable Page page,
            @Nullable String by) {

        private static Stop of(Kind kind, String address) {
            return new Stop(kind, address, null, null);
        }
    }

    /**
     * @param edition whole, with what whoever asks doesn't learn of
     * @param path decoded; of a page
     */
    public static Trail of(Edition edition, Visitor visitor, String path) {
        Addresses addresses = Addresses.of(edition, visitor);
        List<Stop> stops = new ArrayList<>();
        stops.add(Stop.of(Kind.ASKED, path));
        String right = addresses.knownForm(path);
        if (!right.equals(path)) {
            stops.add(Stop.of(Kind.RIGHT, right));
        }
        AtAddress there = addresses.at(path);
        Optional<Redirect> led = addresses.leading(path);
        Optional<Page> page = there instanceof Here here
                ? Optional.of(here.page())
                : there instanceof Moved moved ? Optional.of(moved.page()) : Optional.empty();
        if (page.isPresent() && led.isPresent()) {
            String at = edition.plan().address(page.get().id());
            stops.add(new Stop(Kind.LED, at, null, led.get().from()));
        }
        if (page.filter(edition::isHome).isPresent() && !right.equals("/")) {
            stops.add(Stop.of(Kind.HOME, "/"));
        }
        stops.add(end(edition, there, page, right, led));
        return new Trail(List.copyOf(stops));
    }

    private static Stop end(
            Edition edition, AtAddress there, Optional<Page> page, String right, Optional<Redirect> led) {
        if (page.isPresent()) {
            return new Stop(Kind.SERVED, edition.servedAt(page.get()), page.get(), null);
        }
        String by = led.map(Redirect::from).orElse(null);
        if (there instanceof Elsewhere elsewhere) {
            return new Stop(Kind.ELSEWHERE, elsewhere.address(), null, by);
        }
        if (there instanceof Closed closed) {
            return new Stop(Kind.CLOSED, edition.servedAt(closed.page()), closed.page(), by);
        }
        Optional<Page> hidden = edition.plan()
                .pageAt(right)
                .or(() -> led.flatMap(Redirect::pageId))
                .flatMap(edition::page);
        if (there instanceof Gone) {
            return new Stop(hidden.isPresent() ? Kind.HIDDEN : Kind.GONE, right, hidden.orElse(null), by);
        }
        return new Stop(hidden.isPresent() ? Kind.UNTOLD : Kind.NOTHING, right, hidden.orElse(null), by);
    }
}
