package venue.core.show.render;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import venue.core.body.search.Searcher;
import venue.core.body.search.Sought;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/** Finds everything, whoever asks. */
record FindsEverything(Edition site) implements Searcher {
    @Override
    public List<String> find(Sought sought, int most) {
        return site.all(Page.class).map(Page::id).sorted().toList();
    }

    @Override
    public Map<String, String> snippets(Sought sought, Collection<String> pages) {
        return pages.stream().collect(Collectors.toMap(id -> id, id -> "it says " + FROM + id + TO + " & more"));
    }

    @Override
    public Optional<String> near(Sought sought) {
        return Optional.empty();
    }

    @Override
    public List<String> titled(Sought sought, int most) {
        return List.of();
    }
}
