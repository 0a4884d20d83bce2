package venue.core.model.property;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import venue.core.basics.value.Value;

/** What a page must have chosen of one of its template's options, written as {@code key=value}; yes and no for a flag. */
public record OptionAnswer(String option, String answer) {

    private static final Pattern WRITTEN = Pattern.compile("([a-z][a-zA-Z0-9-]{0,39})=([\\p{L}\\p{N}-]{1,60})");

    public static Optional<OptionAnswer> of(String written) {
        Matcher matcher = WRITTEN.matcher(written);
        return matcher.matches() ? Optional.of(new OptionAnswer(matcher.group(1), matcher.group(2))) : Optional.empty();
    }

    /**
     * Whether a page answers so. It does where its template has no such option: nothing is left out for a reason that can't be
     * changed there.
     *
     * @param chosen the page's own values, by the option's key
     */
    public boolean holds(List<Property> options, Map<String, Value> chosen) {
        Optional<Property> declared =
                options.stream().filter(o -> o.key().equals(option)).findFirst();
        return declared.isEmpty()
                || answer.equals(
                        declared.get().in(chosen).map(OptionAnswer::words).orElse("no"));
    }

    private static String words(Value value) {
        return value instanceof Value.Flag flag ? flag.yes() ? "yes" : "no" : String.valueOf(value.json());
    }
}
