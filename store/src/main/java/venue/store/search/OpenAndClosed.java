package venue.store.search;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.body.search.Searcher;
import venue.core.body.search.Sought;
import venue.store.search.SearchIndex.Hit;

/** Finds what is open to everyone and what is not, together, for somebody who is known. Other words are told of what is open alone. */
public record OpenAndClosed(SearchIndex open, SearchIndex closed) implements Searcher {

    @Override
    public List<String> find(Sought sought, int most) {
        return best(open.said(sought, most), closed.said(sought, most), most);
    }

    @Override
    public List<String> titled(Sought sought, int most) {
        return best(open.calledSo(sought, most), closed.calledSo(sought, most), most);
    }

    private static List<String> best(List<Hit> some, List<Hit> others, int most) {
        return SearchIndex.ids(Stream.concat(some.stream(), others.stream())
                .sorted(Comparator.comparingDouble(Hit::score))
                .limit(most)
                .toList());
    }

    @Override
    public Map<String, String> snippets(Sought sought, Collection<String> pages) {
        Map<String, String> all = new HashMap<>(open.snippets(sought, pages));
        all.putAll(closed.snippets(sought, pages));
        return all;
    }

    @Override
    public Optional<String> near(Sought sought) {
        return open.near(sought);
    }
}
