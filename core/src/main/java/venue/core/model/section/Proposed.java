package venue.core.model.section;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import venue.core.basics.value.Value;

/** What a section goes by that nobody has named: its first heading, else its first words, else what it holds. */
final class Proposed {

    private static final int LONGEST = 48;
    private static final List<String> WORDS = List.of("text", "title", "question", "quote", "label");

    /** The names of kinds of element that are not their keys; SectionTest holds them to what the kinds say themselves. */
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("around", "Pages around"),
            Map.entry("neighbours", "Before and after"),
            Map.entry("buttons", "Button row"),
            Map.entry("facts", "Facts of the page"),
            Map.entry("film", "Film or sound"),
            Map.entry("hours", "Opening hours"),
            Map.entry("own-html", "Own HTML"),
            Map.entry("image", "Picture"),
            Map.entry("links", "List of links"),
            Map.entry("offers", "Offers and prices"),
            Map.entry("outside", "Page from elsewhere"),
            Map.entry("questions", "Questions and answers"),
            Map.entry("site-index", "Contents of the site"),
            Map.entry("sign-in", "Sign in"),
            Map.entry("join", "Ask to join"),
            Map.entry("forgotten", "Forgotten password"),
            Map.entry("confirm", "Confirm an address"),
            Map.entry("my-page", "My page"),
            Map.entry("take-it-along", "Take it along"),
            Map.entry("latest-comments", "Latest comments"),
            Map.entry("leave", "Leave"),
            Map.entry("greeting", "Greeting"),
            Map.entry("social", "Social links"));

    private Proposed() {}

    static String name(List<Column> columns) {
        List<Element> elements =
                columns.stream().flatMap(c -> c.elements().stream()).toList();
        Stream<Element> headings = elements.stream().filter(e -> e.kind().equals("heading"));
        return Stream.concat(headings, elements.stream())
                .flatMap(e -> words(e).stream())
                .findFirst()
                .or(() -> elements.stream().findFirst().map(e -> told(e.kind())))
                .orElse("Empty section");
    }

    private static Optional<String> words(Element element) {
        return WORDS.stream()
                .flatMap(key -> Stream.ofNullable(element.props().get(key)))
                .filter(Value.Text.class::isInstance)
                .map(v ->
                        Jsoup.parseBodyFragment(((Value.Text) v).text()).text().strip())
                .filter(words -> !words.isEmpty())
                .map(Proposed::cut)
                .findFirst();
    }

    /** At a space, where there is one. */
    private static String cut(String words) {
        if (words.length() <= LONGEST) {
            return words;
        }
        int space = words.lastIndexOf(' ', LONGEST);
        int whole = Character.isHighSurrogate(words.charAt(LONGEST - 1)) ? LONGEST - 1 : LONGEST;
        int end = space > 0 ? space : whole;
        return words.substring(0, end).replaceAll("[,;:.–-]+$", "") + "…";
    }

    private static String told(String kind) {
        return NAMES.getOrDefault(kind, Character.toUpperCase(kind.charAt(0)) + kind.substring(1));
    }
}
