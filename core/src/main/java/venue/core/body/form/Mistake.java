package venue.core.body.form;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import venue.core.basics.text.Phrase;

/**
 * What is wrong with what was sent for a field.
 *
 * @param with what stands in the place of {@code {0}} and the others
 */
public record Mistake(Phrase phrase, List<String> with) {

    static Mistake of(Phrase phrase, String... with) {
        return new Mistake(phrase, List.of(with));
    }

    /** It in words of a language. */
    public String in(Function<Phrase, String> language) {
        String words = language.apply(phrase);
        for (int i = 0; i < with.size(); i++) {
            words = words.replace("{" + i + "}", with.get(i));
        }
        return words;
    }

    /** What was sent of each field, and what is wrong with some. */
    public record Found(Map<String, List<String>> values, Map<String, Mistake> mistakes) {}
}
