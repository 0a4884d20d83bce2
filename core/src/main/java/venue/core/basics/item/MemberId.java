package venue.core.basics.item;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.random.RandomGenerator;

/** A member of one site. */
public record MemberId(@JsonValue String text) implements Id {

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public MemberId {}

    /** A new one, drawn from {@code chance}. */
    public static MemberId fresh(RandomGenerator chance) {
        return new MemberId(Ids.fresh(chance));
    }

    @Override
    public String toString() {
        return text;
    }
}
