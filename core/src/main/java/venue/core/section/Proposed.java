package venue.core.section;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import venue.core.value.Value;

/** What a section goes by that nobody has named: its first heading, else its first words, else what it holds. */
final class Proposed {

    private static final int LONGEST = 48;
    private static final List<String> WORDS = List.of("text", "title", "question", "quote", "label");

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
        String words = kind.replace('-', ' ');
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
