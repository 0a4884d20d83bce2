package venue.core.body.search;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.body.listing.Listed;
import venue.core.model.page.Page;

/**
 * What a visitor is answered who looks for something.
 *
 * @param words as they typed them
 * @param results those of the page at hand, the best first
 * @param chosen of which kind and topic alone they want them, by {@link #KIND} and {@link #TOPIC}
 * @param offers of which kinds and topics there are some
 * @param near what they may have meant, where nothing was found
 */
public record Found(
        String words,
        List<Result> results,
        Listed.Portion portion,
        Map<String, String> chosen,
        List<Listed.Offer> offers,
        Optional<String> near) {

    public static final String WORDS = "q";
    public static final String NUMBER = "page";
    public static final String KIND = "kind";
    public static final String TOPIC = "topic";

    /**
     * A page that says it.
     *
     * @param kind what its kind is called
     * @param snippet see {@link Searcher#snippets}
     */
    public record Result(Page page, String kind, String snippet) {}
}
