package venue.core.show.render;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.body.listing.Listed;
import venue.core.body.scene.Search;
import venue.core.body.search.Found;
import venue.core.body.search.Sought;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.show.gathering.Topics;

/** Answers what a visitor looks for on one page. */
final class PageSearch implements Search {

    /** The most pages that are looked through for one question. */
    private static final int MOST = 1_000;

    private static final int LONGEST = 200;

    private final View view;
    private final Edition edition;
    private final Page page;
    private boolean asked;
    private boolean typed;

    PageSearch(View view, Page page) {
        this.view = view;
        this.edition = view.edition();
        this.page = page;
    }

    /** Where the page is that the site names for searching. */
    Optional<String> named() {
        return view.searchPage().map(view::path);
    }

    /** Whether what is looked for makes the page another. */
    boolean ask() {
        return asked;
    }

    /** Whether there is a line to type into. */
    boolean hasLine() {
        return typed;
    }

    @Override
    public String address() {
        typed = true;
        return view.facts().server() + view.path(view.searchPage().orElse(page));
    }

    @Override
    public boolean leads() {
        return view.searchPage().isPresent() || view.edition().page(page.id()).isPresent();
    }

    @Override
    public String at(Map<String, String> query) {
        return view.facts().server() + view.path(view.searchPage().orElse(page)) + PageListings.queryOf("", query);
    }

    @Override
    public Optional<Found> found(int each) {
        if (!view.searchPage().orElse(page).id().equals(page.id())) {
            return Optional.empty();
        }
        asked = true;
        Map<String, String> query = view.asked().chosen("");
        String typed = Words.shorten(query.getOrDefault(Found.WORDS, "").strip(), LONGEST);
        return typed.isEmpty() ? Optional.empty() : Optional.of(found(typed, query, each));
    }

    private Found found(String typed, Map<String, String> query, int each) {
        Sought sought = Sought.of(typed);
        // Every page is asked for, whoever looks: that there is something is told to those alone who may open it.
        List<Page> all = view.searcher().find(sought, MOST).stream()
                .flatMap(id -> edition.page(id).stream())
                .filter(view::shows)
                .filter(p -> !p.id().equals(page.id()))
                .toList();
        Map<String, String> chosen = new TreeMap<>(query);
        chosen.keySet().retainAll(List.of(Found.KIND, Found.TOPIC));
        List<Listed.Offer> offers = new ArrayList<>();
        offers.add(offer(Found.KIND, all, chosen, p -> Stream.of(p.kind())));
        offers.add(offer(Found.TOPIC, all, chosen, p -> topics(p).map(Page::id)));
        List<Page> some = all.stream().filter(p -> meets(p, chosen, "")).toList();
        if (all.isEmpty()) {
            view.searcher().missed(typed);
        }
        int of = Math.max(1, (some.size() + each - 1) / each);
        int number = Math.min(of, number(query.getOrDefault(Found.NUMBER, "")));
        int from = (number - 1) * each;
        return new Found(
                typed,
                results(sought, some.subList(from, Math.min(some.size(), from + each))),
                new Listed.Portion(some.size(), number, of),
                chosen,
                offers.stream().filter(o -> o.answers().size() > 1).toList(),
                all.isEmpty() ? view.searcher().near(sought) : Optional.empty());
    }

    private List<Found.Result> results(Sought sought, List<Page> shown) {
        Map<String, String> snippets =
                view.searcher().snippets(sought, shown.stream().map(Page::id).toList());
        return shown.stream()
                .map(p -> new Found.Result(p, name(p.kind()), snippets.getOrDefault(p.id(), "")))
                .toList();
    }

    private boolean meets(Page found, Map<String, String> chosen, String but) {
        String kind = chosen.get(Found.KIND);
        String topic = chosen.get(Found.TOPIC);
        return (kind == null || but.equals(Found.KIND) || found.kind().equals(kind))
                && (topic == null || but.equals(Found.TOPIC) || topics(found).anyMatch(t -> t.id().equals(topic)));
    }

    private Stream<Page> topics(Page found) {
        return Topics.of(edition, found).stream().filter(view::shows);
    }

    private Listed.Offer offer(
            String key, List<Page> all, Map<String, String> chosen, Function<Page, Stream<String>> of) {
        Map<String, Integer> counts = new TreeMap<>();
        all.stream().filter(p -> meets(p, chosen, key)).flatMap(of).forEach(id -> counts.merge(id, 1, Integer::sum));
        List<Listed.Answer> answers = counts.entrySet().stream()
                .map(e -> new Listed.Answer(
                        e.getKey(), name(e.getKey()), e.getValue(), e.getKey().equals(chosen.get(key))))
                .toList();
        return new Listed.Offer(key, "", answers);
    }

    private String name(String id) {
        return edition.find(Kind.class, id)
                .map(Item::name)
                .or(() -> edition.page(id).map(Page::title))
                .orElse(id);
    }

    private static int number(String words) {
        return words.matches("[1-9]\\d{0,3}") ? Integer.parseInt(words) : 1;
    }
}
