package venue.core.basics.item;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import org.jspecify.annotations.Nullable;

/** A site, by the id that stands in addresses, rows and packs. */
public record SiteId(@JsonValue String text) implements Id {

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public SiteId {}

    /** What is kept under these letters; null for none. */
    public static @Nullable SiteId of(@Nullable String text) {
        return text == null ? null : new SiteId(text);
    }

    @Override
    public String toString() {
        return text;
    }
}
