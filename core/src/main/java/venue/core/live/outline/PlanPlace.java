package venue.core.live.outline;

import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.SitePath;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/**
 * Where a row puts its page.
 *
 * @param parent the page above; absent at the top
 * @param segment the last part of its address; absent where it follows from the title, or stays
 */
record PlanPlace(@Nullable String parent, @Nullable String segment) {

    /** The page at an address as it is served. */
    static Optional<Page> pageAt(Edition edition, String address) {
        String right = SitePath.right(address).toLowerCase(Locale.ROOT);
        return right.equals("/") ? edition.home() : edition.plan().pageAt(right).flatMap(edition::page);
    }

    /** @param byAddress the pages that other rows are about, by the addresses that these give */
    static PlanPlace ofNew(Edition edition, PlanWish wish, Map<String, String> byAddress) {
        Optional<String> address = wish.said(Column.ADDRESS).map(SitePath::right);
        Optional<String> above = wish.said(Column.PARENT);
        if (address.isEmpty()) {
            return new PlanPlace(above.map(a -> at(edition, a, byAddress)).orElse(null), null);
        }
        PlanPlace place = of(edition, address.get(), byAddress);
        if (above.isPresent() && !Objects.equals(at(edition, above.get(), byAddress), place.parent())) {
            throw disagree(address.get(), above.get());
        }
        return place;
    }

    /** What an address says of where its page stands. */
    static PlanPlace of(Edition edition, String address, Map<String, String> byAddress) {
        int slash = address.lastIndexOf('/');
        if (slash < 0 || slash == address.length() - 1) {
            throw Refusal.badInput(
                    "bad-address",
                    "address",
                    "“" + address.substring(0, Math.min(60, address.length())) + "” is no address of a page.",
                    "It begins with a slash, as in /visit/getting-here.");
        }
        String above = address.substring(0, slash);
        return new PlanPlace(above.isEmpty() ? null : at(edition, above, byAddress), address.substring(slash + 1));
    }

    /** The page at an address, which may be one that other rows give it. */
    static String at(Edition edition, String address, Map<String, String> byAddress) {
        return Optional.ofNullable(byAddress.get(address))
                .filter(id -> edition.page(id).isPresent())
                .or(() -> pageAt(edition, address).map(Page::id))
                .orElseThrow(() -> Refusal.badInput(
                        "no-page-above",
                        "parent",
                        "No page stands at “" + address + "”, which would be above it.",
                        "Give that page a row of its own, or name another one."));
    }

    static Refusal disagree(String address, String above) {
        return Refusal.badInput(
                "places-disagree",
                "parent",
                "The address " + address + " and the page above, " + above + ", say two different places.",
                "Leave one of the two empty, or make them agree.");
    }
}
