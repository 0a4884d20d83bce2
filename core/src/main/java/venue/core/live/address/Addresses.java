package venue.core.live.address;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import venue.core.basics.link.Link;
import venue.core.basics.link.SitePath;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.edition.edition.Redirecting;
import venue.core.live.address.AtAddress.Closed;
import venue.core.live.address.AtAddress.Elsewhere;
import venue.core.live.address.AtAddress.Gone;
import venue.core.live.address.AtAddress.Here;
import venue.core.live.address.AtAddress.Moved;
import venue.core.live.address.AtAddress.Nothing;
import venue.core.model.gate.Gate.Meeting;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/**
 * What stands at the addresses of a site. The right form of an address, moves and redirects are worked out together, so that
 * whoever asks for any of them arrives in one step.
 */
public final class Addresses {

    /** So many redirects to paths of the site are followed, one to the next. */
    private static final int MOST_STEPS = 10;

    private final Edition edition;
    private final Function<Page, Optional<Meeting>> meets;

    private Addresses(Edition edition, Function<Page, Optional<Meeting>> meets) {
        this.edition = edition;
        this.meets = meets;
    }

    /** As somebody gets there who asks for an address. */
    public static Addresses of(Edition edition, Visitor visitor) {
        Gates gates = Gates.of(edition);
        return new Addresses(
                edition,
                page -> edition.plan().isShown(page.id())
                        ? Optional.of(gates.of(page).gate().meets(visitor))
                        : Optional.empty());
    }

    /** Whatever page stands there, on the site or taken off, for nobody in particular. */
    public static Addresses ofAll(Edition edition) {
        return new Addresses(edition, page -> Optional.of(Meeting.OPENS));
    }

    /** The form under which the site knows an address: letter case matters where pages differ by it. */
    String knownForm(String path) {
        String right = SitePath.right(path);
        String small = right.toLowerCase(Locale.ROOT);
        return isKnown(right) || !isKnown(small) ? right : small;
    }

    private boolean isKnown(String right) {
        return right.equals("/")
                || edition.plan().pageAt(right).isPresent()
                || Redirecting.over(edition, right).isPresent();
    }

    /** Whether a page stands at an address, or did so: what stands beneath a page, as a feed does, may be asked for there. */
    public boolean isOfPage(String path) {
        String known = knownForm(path);
        return known.equals("/")
                || edition.plan().pageAt(known).isPresent()
                || edition.redirectFrom(known).isPresent();
    }

    /** What leads an address on where no page stands. */
    public Optional<Redirect> leading(String path) {
        String known = knownForm(path);
        return known.equals("/") || edition.plan().pageAt(known).isPresent()
                ? Optional.empty()
                : Redirecting.over(edition, known);
    }

    /** @param path decoded */
    public AtAddress at(String path) {
        return at(path, 0);
    }

    private AtAddress at(String path, int steps) {
        String right = knownForm(path);
        Optional<Page> page = right.equals("/")
                ? edition.home()
                : edition.plan().pageAt(right).flatMap(edition::page);
        return page.map(p -> found(p, path))
                .or(() -> Redirecting.over(edition, right).map(r -> led(r, steps)))
                .orElseGet(Nothing::new);
    }

    private AtAddress found(Page page, String path) {
        return met(page, edition.servedAt(page).equals(path) ? new Here(page) : new Moved(page, ""));
    }

    /** What is there for whoever asks, where this is there for those who may open the page. */
    private AtAddress met(Page page, AtAddress opened) {
        Optional<Meeting> meeting = meets.apply(page);
        if (meeting.isEmpty()) {
            return new Gone();
        }
        return switch (meeting.get()) {
            case OPENS -> opened;
            case NOTHING -> new Nothing();
            case SIGN_IN -> new Closed(page, true);
            case REFUSED -> new Closed(page, false);
        };
    }

    private AtAddress led(Redirect redirect, int steps) {
        Link to = redirect.to();
        if (to == null) {
            return new Gone();
        }
        if (to.pageId().isPresent()) {
            return edition.page(to.pageId().get())
                    .map(p -> met(p, new Moved(p, to.anchor())))
                    .orElseGet(Gone::new);
        }
        if (to.mediaId().isPresent()) {
            return edition.media(to.mediaId().get())
                    .<AtAddress>map(m -> new Elsewhere(m.path()))
                    .orElseGet(Gone::new);
        }
        return to.isOutside() ? new Elsewhere(to.target()) : onSite(to, steps);
    }

    private AtAddress onSite(Link to, int steps) {
        if (steps == MOST_STEPS) {
            return new Gone();
        }
        AtAddress there = at(to.target().replaceAll("[?#].*", ""), steps + 1);
        if (there instanceof Here here) {
            return new Moved(here.page(), to.anchor());
        }
        return there instanceof Nothing ? new Gone() : there;
    }
}
