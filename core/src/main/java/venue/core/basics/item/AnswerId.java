package venue.core.basics.item;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.random.RandomGenerator;

/** What one visitor sent by a form. */
public record AnswerId(@JsonValue String text) implements Id {

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public AnswerId {}

    /** A new one, drawn from {@code chance}. */
    public static AnswerId fresh(RandomGenerator chance) {
        return new AnswerId(Ids.fresh(chance));
    }

    @Override
    public String toString() {
        return text;
    }
}
