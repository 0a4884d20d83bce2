package venue.core.basics.item;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.random.RandomGenerator;

/** A letter to those who asked for it. */
public record LetterId(@JsonValue String text) implements Id {

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public LetterId {}

    /** A new one, drawn from {@code chance}. */
    public static LetterId fresh(RandomGenerator chance) {
        return new LetterId(Ids.fresh(chance));
    }

    @Override
    public String toString() {
        return text;
    }
}
