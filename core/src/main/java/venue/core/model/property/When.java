package venue.core.model.property;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.Collection;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;

/**
 * What must hold of a neighbour for a property to matter.
 *
 * @param text {@code key} (it is given, and not no), {@code key=value}, {@code key=value|value}, {@code key!=value}; empty for always.
 *     The interface reads the same
 */
public record When(@JsonValue String text) {

    public static final When ALWAYS = new When("");

    private static final Pattern FORM = Pattern.compile("([\\w-]+)(!?)=?(.*)");

    @JsonCreator
    public When {
        text = text == null ? "" : text;
    }

    /** While a choice is one of these. */
    public static When isOneOf(String key, Collection<String> values) {
        return new When(key + "=" + String.join("|", values));
    }

    /** @param held the value that holds of a neighbour; absent where there is none */
    public boolean holds(Function<String, @Nullable Value> held) {
        // Asked wherever a value is written: most properties always matter.
        if (text.isEmpty()) {
            return true;
        }
        Matcher form = FORM.matcher(text);
        if (!form.matches()) {
            return true;
        }
        String wanted = form.group(3);
        String given = said(held.apply(form.group(1)), wanted);
        if (!form.group(2).isEmpty()) {
            return !given.isEmpty() && !given.equals(wanted);
        }
        return wanted.isEmpty()
                ? !given.isEmpty()
                : Arrays.asList(wanted.split("\\|")).contains(given);
    }

    private static String said(@Nullable Value value, String wanted) {
        if (value instanceof Value.Text text) {
            return text.text();
        }
        if (value instanceof Value.Num num) {
            return num.number().toPlainString();
        }
        if (value instanceof Value.Flag flag) {
            return flag.yes() ? "true" : wanted.isEmpty() ? "" : "false";
        }
        return value == null ? "" : "given";
    }
}
