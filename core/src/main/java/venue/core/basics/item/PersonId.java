package venue.core.basics.item;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;

/** Somebody who works here, by the id that history and record keep for good. */
public record PersonId(@JsonValue String text) implements Id {

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public PersonId {}

    /** A new one, drawn from {@code chance}. */
    public static PersonId fresh(RandomGenerator chance) {
        return new PersonId(Ids.fresh(chance));
    }

    /** What is kept under these letters; null for none. */
    public static @Nullable PersonId of(@Nullable String text) {
        return text == null ? null : new PersonId(text);
    }

    @Override
    public String toString() {
        return text;
    }
}
