package venue.core.live.release;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import venue.core.basics.link.Link;
import venue.core.basics.text.Words;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/**
 * The redirects a release makes and drops. A moved page's old address, and those of everything beneath it, lead to the page
 * itself; so chains collapse and loops can't arise.
 */
record Redirects(List<Redirect> made, List<String> dropped, List<String> notes) {

    static Redirects between(Edition live, Edition target) {
        Map<String, Redirect> made = new TreeMap<>();
        // Where no page has changed there is one plan, and nothing has moved.
        Stream<Page> mayMove = live.plan() == target.plan() ? Stream.empty() : live.all(Page.class);
        mayMove.filter(p -> target.page(p.id()).isPresent())
                .filter(p -> moved(live, target, p))
                .map(p -> Redirect.of(live.plan().address(p.id()), Link.toPage(p.id())))
                .filter(r -> target.plan().pageAt(r.from()).isEmpty())
                .forEach(r -> made.put(r.id(), r));
        List<String> dropped = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        target.all(Redirect.class).filter(r -> !made.containsKey(r.id())).forEach(r -> {
            if (target.plan().pageAt(r.from()).isPresent()) {
                dropped.add(r.id());
                notes.add("The redirect from " + r.from() + " ends: a page has that address now.");
            } else if (r.to().pageId().filter(id -> target.page(id).isEmpty()).isPresent()) {
                dropped.add(r.id());
                notes.add("The redirect from " + r.from() + " ends: the page it led to is gone.");
            }
        });
        if (!made.isEmpty()) {
            notes.add(
                    0,
                    Words.count(made.size(), "old address", "old addresses")
                            + " will redirect to where the page is now.");
        }
        return new Redirects(List.copyOf(made.values()), List.copyOf(dropped), List.copyOf(notes));
    }

    private static boolean moved(Edition live, Edition target, Page page) {
        return !live.plan().address(page.id()).equals(target.plan().address(page.id()));
    }
}
