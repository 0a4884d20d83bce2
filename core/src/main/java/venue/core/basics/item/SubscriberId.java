package venue.core.basics.item;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.random.RandomGenerator;

/** Somebody who asked for letters, on one list. */
public record SubscriberId(@JsonValue String text) implements Id {

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public SubscriberId {}

    /** A new one, drawn from {@code chance}. */
    public static SubscriberId fresh(RandomGenerator chance) {
        return new SubscriberId(Ids.fresh(chance));
    }

    @Override
    public String toString() {
        return text;
    }
}
