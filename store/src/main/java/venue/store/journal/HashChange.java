package venue.store.journal;

import org.jspecify.annotations.Nullable;

/** What a step or release did to one item, as hashes; an absent side means the item was not there. */
public record HashChange(
        String item, @Nullable String before, @Nullable String after) {}
