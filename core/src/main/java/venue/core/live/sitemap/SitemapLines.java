package venue.core.live.sitemap;

import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.model.gate.Visitor;
import venue.core.model.site.Site;
import venue.core.show.render.View;

/**
 * What of the sitemap a release changes, told before it is made. Addresses are paths of the site, as they are sent.
 *
 * @param now how many addresses it holds
 * @param then how many it will hold
 * @param changed how many tell of a change, of those that stay
 */
public record SitemapLines(int now, int then, List<String> comes, List<Gone> goes, long changed) {

    /**
     * An address that is in it no more.
     *
     * @param status what is answered there then (RFC 9110)
     * @param to where it leads then; empty where it leads nowhere
     */
    public record Gone(String address, int status, String to) {}

    /**
     * @param live empty before the first release
     * @param target the live site as it will be
     * @param changed ids of the items that are not what they were
     */
    public static SitemapLines between(Edition live, Edition target, Collection<String> changed, Instant at) {
        Map<String, String> now = addresses(live, at);
        Map<String, String> then = addresses(target, at);
        Set<String> comes = new LinkedHashSet<>(then.keySet());
        comes.removeAll(now.keySet());
        Set<String> goes = new LinkedHashSet<>(now.keySet());
        goes.removeAll(then.keySet());
        Set<String> pages = OwnChange.pages(live, target, changed, at);
        return new SitemapLines(
                now.size(),
                then.size(),
                List.copyOf(comes),
                goes.isEmpty() ? List.of() : gone(target, goes),
                then.entrySet().stream()
                        .filter(e -> now.containsKey(e.getKey()) && pages.contains(e.getValue()))
                        .count());
    }

    private static List<Gone> gone(Edition target, Set<String> goes) {
        Addresses addresses = Addresses.of(Gates.of(target).seenBy(Visitor.STRANGER), Visitor.STRANGER);
        return goes.stream()
                .map(address -> {
                    AtAddress there = addresses.at(address);
                    return new Gone(address, there.status(), to(target, there));
                })
                .toList();
    }

    private static String to(Edition target, AtAddress there) {
        return there instanceof AtAddress.Moved moved
                ? View.encoded(target.servedAt(moved.page()))
                : there instanceof AtAddress.Elsewhere elsewhere ? elsewhere.address() : "";
    }

    /** The ids of the pages, by address. */
    private static Map<String, String> addresses(Edition edition, Instant at) {
        Optional<Site> site = edition.find(Site.class, Site.ID);
        return site.isEmpty()
                ? Map.of()
                : Sitemap.addresses(View.of(edition, at, "", View.Mode.VISITOR).seenBy(Visitor.STRANGER), Map.of())
                        .collect(Collectors.toMap(
                                Sitemap.Address::address, a -> a.page().id(), (one, same) -> one, LinkedHashMap::new));
    }
}
