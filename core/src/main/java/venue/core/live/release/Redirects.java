package venue.core.live.release;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import venue.core.basics.link.Link;
import venue.core.basics.text.Words;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Redirecting;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/**
 * The redirects a release makes and drops. The address at which a page stood, and those of everything beneath it, lead to the page
 * itself: so chains collapse, loops can't arise, and where the page is taken away it is known to be gone until it is there again.
 */
record Redirects(List<Redirect> made, List<String> dropped, List<String> notes) {

    static Redirects between(Edition live, Edition target) {
        Map<String, Redirect> made = new TreeMap<>();
        // Where no page has changed there is one plan, and nothing has moved.
        Stream<Page> mayMove = live.plan() == target.plan() ? Stream.empty() : live.all(Page.class);
        List<Redirect> left = left(live, target, mayMove);
        // What a release of before had not yet was live even so.
        live.all(Redirect.class)
                .filter(r -> target.redirectFrom(r.from()).isEmpty())
                .filter(r -> target.plan().pageAt(r.from()).isEmpty())
                .forEach(r -> made.put(r.id(), r));
        left.forEach(r -> made.put(r.id(), r));
        List<Redirect> shadowed = target.all(Redirect.class)
                .filter(r -> target.plan().pageAt(r.from()).isPresent())
                .toList();
        return new Redirects(
                List.copyOf(made.values()),
                shadowed.stream().map(Redirect::id).toList(),
                notes(target, left, shadowed));
    }

    /**
     * The addresses that pages leave, each with a redirect to its page.
     *
     * @param mayMove live pages, all those that move or go among them
     */
    static List<Redirect> left(Edition live, Edition target, Stream<Page> mayMove) {
        return mayMove.filter(p -> !isAt(live.plan().address(p.id()), p, target))
                .map(p -> Redirect.of(live.plan().address(p.id()), Link.toPage(p.id())))
                .filter(r -> target.plan().pageAt(r.from()).isEmpty())
                .filter(r -> !isSaid(target, r))
                .toList();
    }

    /**
     * Whoever leads the address on by hand, or merges what stood there, has said where to; of what is taken away, somebody may have
     * said so for a whole branch.
     */
    private static boolean isSaid(Edition target, Redirect made) {
        return Redirecting.over(target, made.from())
                .filter(said -> leads(target, said))
                .filter(said -> !said.isBranch() || !leads(target, made))
                .isPresent();
    }

    private static List<String> notes(Edition target, List<Redirect> left, List<Redirect> shadowed) {
        long moved = left.stream().filter(r -> leads(target, r)).count();
        List<String> notes = new ArrayList<>();
        if (moved > 0) {
            notes.add(addresses(moved) + " will redirect to where the page is now.");
        }
        if (left.size() > moved) {
            notes.add(addresses(left.size() - moved) + " will say that what stood there is gone (410).");
        }
        shadowed.forEach(r -> notes.add("The redirect from " + r.from() + " ends: a page has that address now."));
        return List.copyOf(notes);
    }

    private static String addresses(long count) {
        return Words.count(count, "old address", "old addresses");
    }

    private static boolean isAt(String address, Page page, Edition edition) {
        return edition.page(page.id()).isPresent()
                && edition.plan().address(page.id()).equals(address);
    }

    /** Whether it leads anywhere: what it leads to may be gone. */
    static boolean leads(Edition edition, Redirect redirect) {
        return redirect.pageId().map(id -> edition.page(id).isPresent()).orElse(true);
    }
}
